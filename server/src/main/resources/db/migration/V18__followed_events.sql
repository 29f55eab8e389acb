-- What devices tell of a warm-up that is followed: each event once, whatever is sent again.
CREATE TABLE followed_event (
    prescription_id uuid NOT NULL REFERENCES prescription,
    device          uuid NOT NULL,
    sequence        integer NOT NULL,
    club_id         uuid NOT NULL REFERENCES club,
    revision        integer NOT NULL,
    event           jsonb NOT NULL,
    received_at     timestamptz NOT NULL,
    PRIMARY KEY (prescription_id, device, sequence)
);

-- What a device's clock lacks, ms: the least of what was seen, as that lost least on the way.
CREATE TABLE followed_clock (
    prescription_id uuid NOT NULL REFERENCES prescription,
    device          uuid NOT NULL,
    run             integer NOT NULL,
    club_id         uuid NOT NULL REFERENCES club,
    offset_millis   bigint NOT NULL,
    PRIMARY KEY (prescription_id, device, run)
);
