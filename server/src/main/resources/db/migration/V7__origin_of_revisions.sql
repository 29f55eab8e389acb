-- What made a revision is said by a word of its own; until now it was told by the sentence.
ALTER TABLE prescription_revision ADD COLUMN origin text;

UPDATE prescription_revision SET origin = CASE
    WHEN edit = 'Prescribed' THEN 'PRESCRIBED'
    WHEN edit = 'Prescribed for the block' THEN 'BLOCK_RUN'
    WHEN edit = 'Took up changes of athlete and session' THEN 'REFRESHED'
    WHEN edit LIKE 'Applied %' THEN 'ROUTINE'
    ELSE 'COACH' END;

ALTER TABLE prescription_revision ALTER COLUMN origin SET NOT NULL;

-- In which shape the inputs are stored.
ALTER TABLE prescription_revision ADD COLUMN snapshot_version integer NOT NULL DEFAULT 1;

-- A remedy is an edit, as it would be sent.
UPDATE prescription_revision SET outcome = jsonb_set(outcome, '{findings}', coalesce(
    (SELECT jsonb_agg(finding || jsonb_build_object('remedy', jsonb_build_object(
                'label', coalesce(finding #>> '{remedy,label}', 'Seen'),
                'edit', CASE finding #>> '{remedy,action}'
                    WHEN 'REMOVE' THEN jsonb_build_object(
                        'action', 'REMOVE', 'itemId', finding #> '{remedy,itemId}')
                    WHEN 'DOSE' THEN jsonb_build_object(
                        'action', 'DOSE', 'itemId', finding #> '{remedy,itemId}',
                        'amount', finding #> '{remedy,amount}')
                    WHEN 'MINUTES' THEN jsonb_build_object(
                        'action', 'CIRCUMSTANCES', 'circumstances', jsonb_set(
                            inputs #> '{request,circumstances}', '{minutes}',
                            finding #> '{remedy,amount}'))
                    WHEN 'REFIT' THEN jsonb_build_object('action', 'REFIT')
                    ELSE jsonb_build_object(
                        'action', 'ACKNOWLEDGE', 'finding', finding -> 'code') END)))
     FROM jsonb_array_elements(outcome -> 'findings') finding), '[]'));

-- What a press changes a dose by and how easy a recovery is stand with each item; figures in
-- words are numbers until they are shown.
UPDATE prescription_revision SET outcome = outcome || jsonb_build_object(
    'conflicts', '[]'::jsonb,
    'basis', coalesce(
        (SELECT jsonb_agg(jsonb_build_object('text', sentence, 'figures', '[]'::jsonb) ORDER BY place)
         FROM jsonb_array_elements(outcome -> 'basis') WITH ORDINALITY AS b (sentence, place)),
        '[]'),
    'items', coalesce(
        (SELECT jsonb_agg(item || jsonb_build_object(
                    'dose', jsonb_build_object('text', item -> 'dose', 'figures', '[]'::jsonb),
                    'recoveryEffort', 28,
                    'step', CASE
                        WHEN item ->> 'unit' = 's' AND (item ->> 'amount')::integer >= 120 THEN 30
                        WHEN item ->> 'unit' = 's' THEN 5
                        WHEN item ->> 'unit' = 'm' THEN 10
                        WHEN item ->> 'unit' = 'reps' AND (item ->> 'amount')::integer >= 6 THEN 2
                        ELSE 1 END)
                    ORDER BY place)
         FROM jsonb_array_elements(outcome -> 'items') WITH ORDINALITY AS i (item, place)),
        '[]'));
