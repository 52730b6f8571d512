-- what a pot's own looks have taught, and how many pots like it have a part in what is taken of it
ALTER TABLE potting ADD COLUMN own_pace DOUBLE PRECISION DEFAULT 1 NOT NULL;
ALTER TABLE potting ADD COLUMN own_pace_log_sd DOUBLE PRECISION DEFAULT 0 NOT NULL;
ALTER TABLE potting ADD COLUMN pace_like_pots INT DEFAULT 0 NOT NULL;
UPDATE potting SET own_pace = pace, own_pace_log_sd = pace_log_sd;

-- days that were predicted when it was looked at: what is seen says how it dries against them
ALTER TABLE look ADD COLUMN predicted_days DOUBLE PRECISION;
UPDATE look SET predicted_days = (SELECT p.predicted_days FROM potting p WHERE p.id = look.potting_id);
ALTER TABLE look ALTER COLUMN predicted_days SET NOT NULL;
