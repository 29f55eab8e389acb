-- A lock keeps the drill, its rung or its dose; until now it always kept all of it.
UPDATE prescription_revision SET
    inputs = replace(replace(inputs::text,
        '"locked": true', '"lock": "DOSE"'), '"locked": false', '"lock": "NONE"')::jsonb,
    outcome = replace(replace(outcome::text,
        '"locked": true', '"lock": "DOSE"'), '"locked": false', '"lock": "NONE"')::jsonb;

-- Every finding has a remedy, if only to take note of it.
UPDATE prescription_revision SET outcome = jsonb_set(outcome, '{findings}', coalesce(
    (SELECT jsonb_agg(finding || '{"seen": false}' || CASE
        WHEN coalesce(jsonb_typeof(finding -> 'remedy'), 'null') <> 'null' THEN '{}'::jsonb
        ELSE '{"remedy": {"action": "SEEN", "label": "Seen", "itemId": null, "amount": 0}}' END)
     FROM jsonb_array_elements(outcome -> 'findings') finding), '[]'));
