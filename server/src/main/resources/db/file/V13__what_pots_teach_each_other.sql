-- what a pot's own looks have taught, and how many pots like it have a part in what is taken of it
ALTER TABLE potting ADD COLUMN own_pace DOUBLE PRECISION DEFAULT 1 NOT NULL;
ALTER TABLE potting ADD COLUMN own_pace_log_sd DOUBLE PRECISION DEFAULT 0 NOT NULL;
ALTER TABLE potting ADD COLUMN pace_like_pots INT DEFAULT 0 NOT NULL;
UPDATE potting SET own_pace = pace, own_pace_log_sd = pace_log_sd;

-- days that were predicted when it was looked at: what is seen says how it dries against them
ALTER TABLE look ADD COLUMN predicted_days DOUBLE PRECISION;
UPDATE look SET predicted_days = (SELECT p.predicted_days FROM potting p WHERE p.id = look.potting_id);
ALTER TABLE look ALTER COLUMN predicted_days SET NOT NULL;

-- usual days that passed since the watering before a look, by the weather that was logged; null where none was
ALTER TABLE look ADD COLUMN dry_days DOUBLE PRECISION;
-- what the pot weighed at a look, days after which it was reckoned to, and what was gone of its water by that
ALTER TABLE look ADD COLUMN grams DOUBLE PRECISION;
ALTER TABLE look ADD COLUMN weighed_days DOUBLE PRECISION;
ALTER TABLE look ADD COLUMN weighed_gone DOUBLE PRECISION;
CREATE INDEX look_by_day ON look (looked_on);

-- water between just watered and wanting water [L]
ALTER TABLE potting ADD COLUMN draws_litres DOUBLE PRECISION;

-- the weather of places, day by day, as a logger has it
CREATE TABLE climate_day (
    place_name VARCHAR(80) NOT NULL,
    logged_on DATE NOT NULL,
    temperature_c DOUBLE PRECISION NOT NULL,
    humidity_percent DOUBLE PRECISION NOT NULL,
    rain_mm DOUBLE PRECISION NOT NULL,
    light_mol DOUBLE PRECISION,
    PRIMARY KEY (place_name, logged_on)
);

-- days for which a pot is left dry before its plant, which stores water, gets some
ALTER TABLE potting ADD COLUMN waits_days INT DEFAULT 0 NOT NULL;
