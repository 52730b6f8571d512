-- what is in a pot besides its mix, where a plant came from, and whether it is still here
ALTER TABLE potting ADD COLUMN set_up VARCHAR(20000);
ALTER TABLE potting ADD COLUMN set_up_kind VARCHAR(20) DEFAULT 'PLAIN' NOT NULL;
ALTER TABLE potting ADD COLUMN state VARCHAR(20) DEFAULT 'HERE' NOT NULL;
ALTER TABLE potting ADD COLUMN mother_id UUID REFERENCES potting (id);
ALTER TABLE potting ADD COLUMN origin VARCHAR(20);
ALTER TABLE potting ADD COLUMN plant_id VARCHAR(80);
UPDATE potting SET plant_id = REGEXP_SUBSTR(brief, '"plantId":"([^"]*)"', 1, 1, '', 1);
CREATE INDEX potting_by_state_and_look ON potting (state, next_look_on);
CREATE INDEX potting_by_mother ON potting (mother_id);
CREATE INDEX potting_by_batch ON potting (batch_id);

-- what happened to a pot beside looks: moved, lent, fed, divided, lost, noted, pictured
CREATE TABLE pot_event (
    id UUID PRIMARY KEY,
    potting_id UUID NOT NULL REFERENCES potting (id),
    number BIGINT NOT NULL,
    told_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    happened_on DATE NOT NULL,
    kind VARCHAR(20) NOT NULL,
    words VARCHAR(1000) NOT NULL,
    amount DOUBLE PRECISION,
    other_id UUID,
    state_before VARCHAR(20),
    brief_before VARCHAR(20000),
    UNIQUE (potting_id, number)
);

CREATE TABLE pot_kind (
    id UUID PRIMARY KEY,
    revision BIGINT NOT NULL,
    name VARCHAR(80) NOT NULL,
    vessel VARCHAR(4000) NOT NULL,
    owned INT NOT NULL
);

-- pictures, made upright and stripped of everything but the picture
CREATE TABLE photo (
    id UUID PRIMARY KEY,
    potting_id UUID NOT NULL REFERENCES potting (id),
    taken_on DATE NOT NULL,
    stored_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    width INT NOT NULL,
    height INT NOT NULL,
    picture BLOB NOT NULL,
    thumbnail BLOB NOT NULL
);
CREATE INDEX photo_by_potting ON photo (potting_id);
