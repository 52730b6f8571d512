-- briefs that are kept under a name, blends that are laid away
CREATE TABLE saved_brief (
    id UUID PRIMARY KEY,
    name VARCHAR(120) NOT NULL,
    plant_id VARCHAR(80),
    stage VARCHAR(20) NOT NULL,
    pot_shape VARCHAR(20),
    pot_top_cm DOUBLE PRECISION,
    pot_bottom_cm DOUBLE PRECISION,
    pot_height_cm DOUBLE PRECISION,
    pot_wall VARCHAR(20),
    pot_base VARCHAR(20),
    pot_base_cm DOUBLE PRECISION,
    pot_layer_material_id VARCHAR(40),
    pot_layer_cm DOUBLE PRECISION,
    place_name VARCHAR(80),
    place_temperature_c DOUBLE PRECISION,
    place_humidity_percent DOUBLE PRECISION,
    place_light VARCHAR(20),
    place_draught VARCHAR(20),
    habit_every_days DOUBLE PRECISION,
    habit_amount VARCHAR(20),
    habit_hand VARCHAR(20),
    habit_water VARCHAR(20),
    companion_ids VARCHAR(420),
    place_daily_light_mol DOUBLE PRECISION,
    place_rain_mm_per_week DOUBLE PRECISION,
    habit_alkalinity_mg_per_l DOUBLE PRECISION,
    habit_water_ec_ds_per_m DOUBLE PRECISION,
    wish_fibre VARCHAR(20),
    wish_no_compost BOOLEAN,
    wish_drainage_layer BOOLEAN,
    wish_mineral_only BOOLEAN,
    wish_cheap BOOLEAN,
    wish_light BOOLEAN,
    wish_most_materials INT,
    wish_life_years DOUBLE PRECISION,
    kept_at TIMESTAMP(6) WITH TIME ZONE NOT NULL
);

ALTER TABLE blend ADD COLUMN archived_at TIMESTAMP(6) WITH TIME ZONE;
ALTER TABLE blend ADD COLUMN branched_from UUID;
ALTER TABLE blend ADD COLUMN branched_version INT;
