-- Whom an owner had in mind; links of before were for someone who is not known any more.
ALTER TABLE one_time_link ADD COLUMN addressee text NOT NULL DEFAULT '';
