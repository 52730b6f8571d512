CREATE TABLE place (
    id UUID PRIMARY KEY,
    place_name VARCHAR(80) NOT NULL UNIQUE,
    place_temperature_c DOUBLE PRECISION NOT NULL,
    place_humidity_percent DOUBLE PRECISION NOT NULL,
    place_light VARCHAR(20) NOT NULL,
    place_draught VARCHAR(20) NOT NULL
);

CREATE TABLE blend (
    id UUID PRIMARY KEY,
    revision BIGINT NOT NULL,
    name VARCHAR(120) NOT NULL,
    measure VARCHAR(20) NOT NULL,
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
    created_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    changed_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    deleted_at TIMESTAMP(6) WITH TIME ZONE
);

CREATE TABLE blend_part (
    blend_id UUID NOT NULL REFERENCES blend (id),
    position INT NOT NULL,
    material_id VARCHAR(40) NOT NULL,
    amount DOUBLE PRECISION NOT NULL,
    PRIMARY KEY (blend_id, position)
);

CREATE TABLE blend_dose (
    blend_id UUID NOT NULL REFERENCES blend (id),
    position INT NOT NULL,
    amendment_id VARCHAR(40) NOT NULL,
    g_per_l DOUBLE PRECISION NOT NULL,
    PRIMARY KEY (blend_id, position)
);

CREATE TABLE blend_version (
    id UUID PRIMARY KEY,
    blend_id UUID NOT NULL REFERENCES blend (id),
    number INT NOT NULL,
    name VARCHAR(120) NOT NULL,
    note VARCHAR(2000) NOT NULL,
    measure VARCHAR(20) NOT NULL,
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
    kept_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    UNIQUE (blend_id, number)
);

CREATE TABLE version_part (
    version_id UUID NOT NULL REFERENCES blend_version (id),
    position INT NOT NULL,
    material_id VARCHAR(40) NOT NULL,
    amount DOUBLE PRECISION NOT NULL,
    PRIMARY KEY (version_id, position)
);

CREATE TABLE version_dose (
    version_id UUID NOT NULL REFERENCES blend_version (id),
    position INT NOT NULL,
    amendment_id VARCHAR(40) NOT NULL,
    g_per_l DOUBLE PRECISION NOT NULL,
    PRIMARY KEY (version_id, position)
);

CREATE TABLE pack (
    material_id VARCHAR(40) PRIMARY KEY,
    litres DOUBLE PRECISION NOT NULL,
    price DOUBLE PRECISION
);

CREATE TABLE batch (
    id UUID PRIMARY KEY,
    revision BIGINT NOT NULL,
    lot VARCHAR(40) NOT NULL,
    blend_id UUID NOT NULL,
    version_number INT NOT NULL,
    reserve DOUBLE PRECISION NOT NULL,
    scoop_litres DOUBLE PRECISION NOT NULL,
    tub_litres DOUBLE PRECISION NOT NULL,
    created_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    mixed_on DATE,
    FOREIGN KEY (blend_id, version_number) REFERENCES blend_version (blend_id, number)
);

CREATE TABLE batch_fill (
    batch_id UUID NOT NULL REFERENCES batch (id),
    position INT NOT NULL,
    pot_count INT NOT NULL,
    root_ball_litres DOUBLE PRECISION NOT NULL,
    pot_shape VARCHAR(20),
    pot_top_cm DOUBLE PRECISION,
    pot_bottom_cm DOUBLE PRECISION,
    pot_height_cm DOUBLE PRECISION,
    pot_wall VARCHAR(20),
    pot_base VARCHAR(20),
    pot_base_cm DOUBLE PRECISION,
    pot_layer_material_id VARCHAR(40),
    pot_layer_cm DOUBLE PRECISION,
    PRIMARY KEY (batch_id, position)
);

CREATE TABLE potting (
    id UUID PRIMARY KEY,
    revision BIGINT NOT NULL,
    label VARCHAR(120) NOT NULL,
    batch_id UUID NOT NULL REFERENCES batch (id),
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
    potted_on DATE NOT NULL,
    predicted_days DOUBLE PRECISION NOT NULL,
    predicted_sd_days DOUBLE PRECISION NOT NULL,
    last_watered_on DATE NOT NULL,
    next_look_on DATE NOT NULL,
    next_look_because VARCHAR(200) NOT NULL,
    deleted_at TIMESTAMP(6) WITH TIME ZONE
);

CREATE INDEX potting_next_look ON potting (next_look_on);

CREATE TABLE look (
    id UUID PRIMARY KEY,
    seq BIGINT GENERATED ALWAYS AS IDENTITY,
    potting_id UUID NOT NULL REFERENCES potting (id),
    looked_on DATE NOT NULL,
    answer VARCHAR(20) NOT NULL,
    before_watered_on DATE NOT NULL,
    before_look_on DATE NOT NULL,
    before_because VARCHAR(200) NOT NULL
);

CREATE INDEX look_of_potting ON look (potting_id, seq);
