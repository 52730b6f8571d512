-- whether the last watering was a light one: what is seen after it says nothing of a full watering
ALTER TABLE potting ADD COLUMN watered_lightly BOOLEAN DEFAULT FALSE NOT NULL;
ALTER TABLE look ADD COLUMN before_lightly BOOLEAN DEFAULT FALSE NOT NULL;

-- weight at which the plant wants water, as reckoned
ALTER TABLE potting ADD COLUMN wants_kg DOUBLE PRECISION;

-- the order in which places are walked
CREATE TABLE place_order (
    name VARCHAR(80) PRIMARY KEY,
    rank INT NOT NULL
);

-- what was wrong with a plant, what was taken to be the cause, and what came of it
CREATE TABLE trouble (
    id UUID PRIMARY KEY,
    revision BIGINT NOT NULL,
    potting_id UUID NOT NULL REFERENCES potting (id),
    told_on DATE NOT NULL,
    told_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    signs VARCHAR(2000) NOT NULL,
    cause VARCHAR(20) NOT NULL,
    share DOUBLE PRECISION NOT NULL,
    look_on DATE NOT NULL,
    outcome VARCHAR(20),
    outcome_on DATE
);
CREATE INDEX trouble_by_potting ON trouble (potting_id);
CREATE INDEX trouble_to_see ON trouble (outcome, look_on);

-- for whoever compares: the wall of the pot, as its brief names it
ALTER TABLE potting ADD COLUMN wall VARCHAR(20);
UPDATE potting SET wall = REGEXP_SUBSTR(brief, '"wall":"([^"]*)"', 1, 1, '', 1);
CREATE INDEX pot_event_by_kind ON pot_event (kind, potting_id, happened_on);
