CREATE TABLE lot (
    id UUID PRIMARY KEY,
    revision BIGINT NOT NULL,
    material_id VARCHAR(60) NOT NULL,
    sold VARCHAR(20) NOT NULL,
    amount DOUBLE PRECISION NOT NULL,
    swell DOUBLE PRECISION NOT NULL,
    left_litres DOUBLE PRECISION NOT NULL,
    low_litres DOUBLE PRECISION,
    price DOUBLE PRECISION,
    opened_on DATE,
    supplier VARCHAR(120),
    fed BOOLEAN NOT NULL,
    rinsed BOOLEAN NOT NULL,
    quarantined BOOLEAN NOT NULL,
    measured VARCHAR(4000),
    stored_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    removed_at TIMESTAMP(6) WITH TIME ZONE
);

CREATE TABLE pack_offer (
    id UUID PRIMARY KEY,
    seq BIGINT GENERATED ALWAYS AS IDENTITY,
    material_id VARCHAR(60) NOT NULL,
    sold VARCHAR(20) NOT NULL,
    amount DOUBLE PRECISION NOT NULL,
    swell DOUBLE PRECISION NOT NULL,
    price DOUBLE PRECISION NOT NULL,
    supplier VARCHAR(120)
);

CREATE TABLE own_material (
    id VARCHAR(60) PRIMARY KEY,
    revision BIGINT NOT NULL,
    facts VARCHAR(8000) NOT NULL,
    stored_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    removed_at TIMESTAMP(6) WITH TIME ZONE
);

CREATE TABLE own_plant (
    id VARCHAR(80) PRIMARY KEY,
    facts VARCHAR(8000) NOT NULL,
    stored_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    removed_at TIMESTAMP(6) WITH TIME ZONE
);

ALTER TABLE blend_part ALTER COLUMN material_id VARCHAR(60) NOT NULL;
ALTER TABLE version_part ALTER COLUMN material_id VARCHAR(60) NOT NULL;
ALTER TABLE bench_test_part ALTER COLUMN material_id VARCHAR(60) NOT NULL;
ALTER TABLE pack ALTER COLUMN material_id VARCHAR(60) NOT NULL;

ALTER TABLE place ADD COLUMN place_daily_light_mol DOUBLE PRECISION;
ALTER TABLE place ADD COLUMN place_rain_mm_per_week DOUBLE PRECISION;

CREATE TABLE blend_accepted (
    blend_id UUID NOT NULL REFERENCES blend (id),
    rule_id VARCHAR(60) NOT NULL,
    PRIMARY KEY (blend_id, rule_id)
);

ALTER TABLE blend ADD COLUMN companion_ids VARCHAR(420);
ALTER TABLE blend ADD COLUMN place_daily_light_mol DOUBLE PRECISION;
ALTER TABLE blend ADD COLUMN place_rain_mm_per_week DOUBLE PRECISION;
ALTER TABLE blend ADD COLUMN habit_alkalinity_mg_per_l DOUBLE PRECISION;
ALTER TABLE blend ADD COLUMN habit_water_ec_ds_per_m DOUBLE PRECISION;
ALTER TABLE blend ADD COLUMN wish_fibre VARCHAR(20);
ALTER TABLE blend ADD COLUMN wish_no_compost BOOLEAN;
ALTER TABLE blend ADD COLUMN wish_drainage_layer BOOLEAN;
ALTER TABLE blend ADD COLUMN wish_mineral_only BOOLEAN;
ALTER TABLE blend ADD COLUMN wish_cheap BOOLEAN;
ALTER TABLE blend ADD COLUMN wish_light BOOLEAN;
ALTER TABLE blend ADD COLUMN wish_most_materials INT;
ALTER TABLE blend ADD COLUMN wish_life_years DOUBLE PRECISION;

ALTER TABLE blend_version ADD COLUMN companion_ids VARCHAR(420);
ALTER TABLE blend_version ADD COLUMN place_daily_light_mol DOUBLE PRECISION;
ALTER TABLE blend_version ADD COLUMN place_rain_mm_per_week DOUBLE PRECISION;
ALTER TABLE blend_version ADD COLUMN habit_alkalinity_mg_per_l DOUBLE PRECISION;
ALTER TABLE blend_version ADD COLUMN habit_water_ec_ds_per_m DOUBLE PRECISION;
ALTER TABLE blend_version ADD COLUMN wish_fibre VARCHAR(20);
ALTER TABLE blend_version ADD COLUMN wish_no_compost BOOLEAN;
ALTER TABLE blend_version ADD COLUMN wish_drainage_layer BOOLEAN;
ALTER TABLE blend_version ADD COLUMN wish_mineral_only BOOLEAN;
ALTER TABLE blend_version ADD COLUMN wish_cheap BOOLEAN;
ALTER TABLE blend_version ADD COLUMN wish_light BOOLEAN;
ALTER TABLE blend_version ADD COLUMN wish_most_materials INT;
ALTER TABLE blend_version ADD COLUMN wish_life_years DOUBLE PRECISION;

ALTER TABLE potting ADD COLUMN companion_ids VARCHAR(420);
ALTER TABLE potting ADD COLUMN place_daily_light_mol DOUBLE PRECISION;
ALTER TABLE potting ADD COLUMN place_rain_mm_per_week DOUBLE PRECISION;
ALTER TABLE potting ADD COLUMN habit_alkalinity_mg_per_l DOUBLE PRECISION;
ALTER TABLE potting ADD COLUMN habit_water_ec_ds_per_m DOUBLE PRECISION;
ALTER TABLE potting ADD COLUMN wish_fibre VARCHAR(20);
ALTER TABLE potting ADD COLUMN wish_no_compost BOOLEAN;
ALTER TABLE potting ADD COLUMN wish_drainage_layer BOOLEAN;
ALTER TABLE potting ADD COLUMN wish_mineral_only BOOLEAN;
ALTER TABLE potting ADD COLUMN wish_cheap BOOLEAN;
ALTER TABLE potting ADD COLUMN wish_light BOOLEAN;
ALTER TABLE potting ADD COLUMN wish_most_materials INT;
ALTER TABLE potting ADD COLUMN wish_life_years DOUBLE PRECISION;
