-- What the calendar draws of a warm-up, so that a week need not read fifty whole plans.
ALTER TABLE prescription_revision ADD COLUMN sketch jsonb;

UPDATE prescription_revision
SET sketch = jsonb_build_object(
    'seconds', coalesce(outcome -> 'seconds', '0'),
    'steps', coalesce(
        (SELECT jsonb_agg(
                    jsonb_build_object('seconds', s.seconds, 'effort', s.effort)
                    ORDER BY i.place, s.place)
         FROM jsonb_array_elements(outcome -> 'items') WITH ORDINALITY AS i (item, place)
         CROSS JOIN LATERAL (VALUES
             (1, (item ->> 'changeSeconds')::integer, 0),
             (2, (item ->> 'workSeconds')::integer, (item ->> 'effort')::integer),
             (3, (item ->> 'recoverySeconds')::integer, 22)
         ) AS s (place, seconds, effort)
         WHERE s.seconds > 0),
        '[]'));

ALTER TABLE prescription_revision ALTER COLUMN sketch SET NOT NULL;
