-- how fast a pot dries against what was reckoned, and since when its looks count
ALTER TABLE potting ADD COLUMN pace DOUBLE PRECISION DEFAULT 1 NOT NULL;
ALTER TABLE potting ADD COLUMN pace_log_sd DOUBLE PRECISION DEFAULT 0 NOT NULL;
ALTER TABLE potting ADD COLUMN pace_looks INT DEFAULT 0 NOT NULL;
ALTER TABLE potting ADD COLUMN pace_from DATE;
