-- what the swatch book shows of a blend is kept, so that opening it works nothing out
CREATE TABLE blend_card (
    blend_id UUID PRIMARY KEY REFERENCES blend (id),
    stale BOOLEAN NOT NULL,
    facts VARCHAR(16000) NOT NULL,
    words VARCHAR(4000) NOT NULL,
    plant_id VARCHAR(80),
    group_name VARCHAR(120),
    first_material VARCHAR(60),
    ingredients VARCHAR(4000) NOT NULL,
    fits BOOLEAN NOT NULL,
    fit DOUBLE PRECISION,
    air DOUBLE PRECISION,
    water DOUBLE PRECISION,
    dry_days DOUBLE PRECISION,
    ph DOUBLE PRECISION,
    food DOUBLE PRECISION,
    weight DOUBLE PRECISION,
    life DOUBLE PRECISION,
    latest_version INT,
    latest_kept_at TIMESTAMP(6) WITH TIME ZONE,
    changed_since_kept BOOLEAN NOT NULL
);

CREATE TABLE blend_card_material (
    blend_id UUID NOT NULL REFERENCES blend_card (blend_id),
    material_id VARCHAR(60) NOT NULL,
    PRIMARY KEY (blend_id, material_id)
);

CREATE INDEX blend_card_ingredients ON blend_card (ingredients);
CREATE INDEX blend_card_of_material ON blend_card_material (material_id);
CREATE INDEX blend_changed ON blend (changed_at DESC);
CREATE INDEX batch_created ON batch (created_at DESC);

-- the model that cards were read with
CREATE TABLE reading_model (
    id INT PRIMARY KEY,
    fingerprint VARCHAR(80) NOT NULL
);
INSERT INTO reading_model (id, fingerprint) VALUES (1, '');

ALTER TABLE blend ADD COLUMN accepted VARCHAR(4000);
UPDATE blend owner SET accepted = CAST(JSON_OBJECT(
    'v': 1,
    'ruleIds': COALESCE((SELECT JSON_ARRAYAGG(rule_id ORDER BY rule_id)
        FROM blend_accepted rule WHERE rule.blend_id = owner.id), JSON '[]')) AS VARCHAR);
ALTER TABLE blend ALTER COLUMN accepted SET NOT NULL;
DROP TABLE blend_accepted;

-- what lists show of batches and pots
ALTER TABLE batch ADD COLUMN litres_to_make DOUBLE PRECISION;
ALTER TABLE batch ADD COLUMN pots INT;
CREATE INDEX potting_by_place ON potting (place_name, label);
