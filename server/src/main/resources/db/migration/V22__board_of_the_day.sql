-- How each warm-up that is followed stands by now: told from the events as they come, in any order.
CREATE TABLE followed_now (
    prescription_id uuid PRIMARY KEY REFERENCES prescription,
    club_id         uuid NOT NULL REFERENCES club,
    on_way_at       timestamptz,
    begun_at        timestamptz,
    item            text,
    item_at         timestamptz,
    ended_at        timestamptz,
    started_at      timestamptz,
    decided         text,
    decided_at      timestamptz,
    changed_at      timestamptz NOT NULL
);

CREATE INDEX followed_now_club ON followed_now (club_id, changed_at);

-- What a place has, where a club counted it: how many can use it at once.
CREATE TABLE kit_stock (
    club_id uuid NOT NULL REFERENCES club,
    place   text NOT NULL,
    kit     text NOT NULL,
    count   integer NOT NULL,
    PRIMARY KEY (club_id, place, kit)
);

-- Every server with an open board hears when a row of its club changes, whoever changes it.
CREATE FUNCTION tell_board() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
    PERFORM pg_notify('jubilee_live', COALESCE(NEW.club_id, OLD.club_id) || ' board');
    RETURN NULL;
END $$;

CREATE TRIGGER tell_board AFTER INSERT OR UPDATE OR DELETE ON training_session
    FOR EACH ROW EXECUTE FUNCTION tell_board();
CREATE TRIGGER tell_board AFTER INSERT OR UPDATE OR DELETE ON prescription
    FOR EACH ROW EXECUTE FUNCTION tell_board();
CREATE TRIGGER tell_board AFTER INSERT OR UPDATE ON followed_now
    FOR EACH ROW EXECUTE FUNCTION tell_board();
CREATE TRIGGER tell_board AFTER INSERT OR UPDATE ON check_in
    FOR EACH ROW EXECUTE FUNCTION tell_board();
CREATE TRIGGER tell_board AFTER INSERT OR UPDATE OR DELETE ON kit_stock
    FOR EACH ROW EXECUTE FUNCTION tell_board();
