-- why a pot is looked at is kept as a reason, not as a sentence in one language and one set of units
ALTER TABLE potting ADD COLUMN next_look_reason VARCHAR(20);
UPDATE potting SET next_look_reason = CASE
    WHEN next_look_because LIKE 'still moist%' THEN 'STILL_MOIST'
    WHEN next_look_because LIKE 'it takes more than%' THEN 'BEYOND_HORIZON'
    ELSE 'PREDICTED' END;
ALTER TABLE potting ALTER COLUMN next_look_reason SET NOT NULL;
ALTER TABLE potting DROP COLUMN next_look_because;

ALTER TABLE look ADD COLUMN before_reason VARCHAR(20);
UPDATE look SET before_reason = CASE
    WHEN before_because LIKE 'still moist%' THEN 'STILL_MOIST'
    WHEN before_because LIKE 'it takes more than%' THEN 'BEYOND_HORIZON'
    ELSE 'PREDICTED' END;
ALTER TABLE look ALTER COLUMN before_reason SET NOT NULL;
ALTER TABLE look DROP COLUMN before_because;

-- a lot's number is said aloud and written on labels: no two batches share one
UPDATE batch SET lot = lot || '-' || SUBSTRING(CAST(id AS VARCHAR), 1, 4)
    WHERE EXISTS (SELECT 1 FROM batch other WHERE other.lot = batch.lot AND other.created_at < batch.created_at);
ALTER TABLE batch ADD CONSTRAINT batch_lot_unique UNIQUE (lot);

-- whoever gives the next number holds this row until the batch is stored
CREATE TABLE numbering (
    name VARCHAR(20) PRIMARY KEY
);
INSERT INTO numbering (name) VALUES ('lot');
