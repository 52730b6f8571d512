ALTER TABLE blend ADD COLUMN scoop VARCHAR(20);
ALTER TABLE blend_version ADD COLUMN scoop VARCHAR(20);

CREATE TABLE bench_test (
    id UUID PRIMARY KEY,
    blend_id UUID NOT NULL REFERENCES blend (id),
    made_on DATE NOT NULL,
    kind VARCHAR(20) NOT NULL,
    container_l DOUBLE PRECISION,
    height_cm DOUBLE PRECISION,
    water_in_l DOUBLE PRECISION,
    drained_l DOUBLE PRECISION,
    moisture_l DOUBLE PRECISION,
    wet_g DOUBLE PRECISION,
    dry_g DOUBLE PRECISION,
    squeeze_shows VARCHAR(20),
    depth_cm DOUBLE PRECISION,
    seconds DOUBLE PRECISION,
    ph_reading DOUBLE PRECISION,
    ph_method VARCHAR(30),
    weeks DOUBLE PRECISION,
    temperature_c DOUBLE PRECISION NOT NULL,
    measure VARCHAR(20) NOT NULL,
    stored_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    removed_at TIMESTAMP(6) WITH TIME ZONE
);

CREATE INDEX bench_test_by_blend ON bench_test (blend_id);

CREATE TABLE bench_test_part (
    test_id UUID NOT NULL REFERENCES bench_test (id),
    position INT NOT NULL,
    material_id VARCHAR(40) NOT NULL,
    amount DOUBLE PRECISION NOT NULL,
    PRIMARY KEY (test_id, position)
);

CREATE TABLE bench_test_dose (
    test_id UUID NOT NULL REFERENCES bench_test (id),
    position INT NOT NULL,
    amendment_id VARCHAR(40) NOT NULL,
    g_per_l DOUBLE PRECISION NOT NULL,
    PRIMARY KEY (test_id, position)
);
