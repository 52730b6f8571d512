-- a change of what cards rest on raises one number instead of writing every card; a card that was read with a lower one is read anew
ALTER TABLE reading_model ADD COLUMN edition INT DEFAULT 1 NOT NULL;
ALTER TABLE blend_card ADD COLUMN edition INT DEFAULT 0 NOT NULL;
UPDATE blend_card SET edition = 1 WHERE NOT stale;
DROP INDEX blend_card_stale;
ALTER TABLE blend_card DROP COLUMN stale;
CREATE INDEX blend_card_edition ON blend_card (edition);
