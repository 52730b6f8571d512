-- the store as all steps up to the fifteenth leave it; later steps are the same for every store

CREATE TABLE account (
    name VARCHAR(60) NOT NULL,
    role VARCHAR(20) NOT NULL,
    password VARCHAR(100) NOT NULL,
    made_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    revision BIGINT DEFAULT 0 NOT NULL
);

CREATE TABLE batch (
    id UUID NOT NULL,
    revision BIGINT NOT NULL,
    lot VARCHAR(40) NOT NULL,
    blend_id UUID NOT NULL,
    version_number INTEGER NOT NULL,
    reserve DOUBLE PRECISION NOT NULL,
    scoop_litres DOUBLE PRECISION NOT NULL,
    tub_litres DOUBLE PRECISION NOT NULL,
    created_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    mixed_on DATE,
    fills VARCHAR(40000) NOT NULL,
    litres_to_make DOUBLE PRECISION,
    pots INTEGER,
    store_litres DOUBLE PRECISION DEFAULT 0 NOT NULL,
    tubs_full INTEGER DEFAULT 0 NOT NULL,
    split_from UUID,
    begun_with VARCHAR(20000),
    test_on DATE,
    left_litres DOUBLE PRECISION
);

CREATE TABLE batch_lot (
    id UUID NOT NULL,
    batch_id UUID NOT NULL,
    for_id UUID NOT NULL,
    material_id VARCHAR(60) NOT NULL,
    lot_id UUID,
    litres DOUBLE PRECISION NOT NULL
);

CREATE TABLE batch_tap (
    id UUID NOT NULL,
    batch_id UUID NOT NULL,
    number BIGINT NOT NULL,
    told_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    kind VARCHAR(20) NOT NULL,
    load_number INTEGER NOT NULL,
    thing_id VARCHAR(140) NOT NULL,
    amount DOUBLE PRECISION NOT NULL,
    instead_of VARCHAR(140),
    undoes UUID
);

CREATE TABLE bench_test (
    id UUID NOT NULL,
    blend_id UUID NOT NULL,
    made_on DATE NOT NULL,
    temperature_c DOUBLE PRECISION NOT NULL,
    stored_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    removed_at TIMESTAMP(6) WITH TIME ZONE,
    recipe VARCHAR(16000) NOT NULL,
    test VARCHAR(4000) NOT NULL,
    batch_id UUID,
    ages_weeks VARCHAR(4000)
);

CREATE TABLE bin_event (
    id UUID NOT NULL,
    batch_id UUID NOT NULL,
    number BIGINT NOT NULL,
    told_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    happened_on DATE NOT NULL,
    kind VARCHAR(20) NOT NULL,
    thing_id VARCHAR(140) NOT NULL,
    amount DOUBLE PRECISION NOT NULL,
    reason VARCHAR(200) NOT NULL,
    other_batch_id UUID,
    content VARCHAR(20000),
    undoes UUID
);

CREATE TABLE blend (
    id UUID NOT NULL,
    revision BIGINT NOT NULL,
    name VARCHAR(120) NOT NULL,
    created_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    changed_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    deleted_at TIMESTAMP(6) WITH TIME ZONE,
    archived_at TIMESTAMP(6) WITH TIME ZONE,
    branched_from UUID,
    branched_version INTEGER,
    brief VARCHAR(8000) NOT NULL,
    recipe VARCHAR(16000) NOT NULL,
    accepted VARCHAR(4000) NOT NULL
);

CREATE TABLE blend_card (
    blend_id UUID NOT NULL,
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
    latest_version INTEGER,
    latest_kept_at TIMESTAMP(6) WITH TIME ZONE,
    changed_since_kept BOOLEAN NOT NULL
);

CREATE TABLE blend_card_material (
    blend_id UUID NOT NULL,
    material_id VARCHAR(60) NOT NULL
);

CREATE TABLE blend_version (
    id UUID NOT NULL,
    blend_id UUID NOT NULL,
    number INTEGER NOT NULL,
    name VARCHAR(120) NOT NULL,
    note VARCHAR(2000) NOT NULL,
    kept_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    brief VARCHAR(8000) NOT NULL,
    recipe VARCHAR(16000) NOT NULL
);

CREATE TABLE climate_day (
    place_name VARCHAR(80) NOT NULL,
    logged_on DATE NOT NULL,
    temperature_c DOUBLE PRECISION NOT NULL,
    humidity_percent DOUBLE PRECISION NOT NULL,
    rain_mm DOUBLE PRECISION NOT NULL,
    light_mol DOUBLE PRECISION
);

CREATE TABLE deed (
    id UUID NOT NULL,
    done_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    done_by VARCHAR(60) NOT NULL,
    what VARCHAR(160) NOT NULL,
    address VARCHAR(300) NOT NULL
);

CREATE TABLE look (
    id UUID NOT NULL,
    seq BIGINT GENERATED ALWAYS AS IDENTITY(START WITH 1) NOT NULL,
    potting_id UUID NOT NULL,
    looked_on DATE NOT NULL,
    answer VARCHAR(20) NOT NULL,
    before_watered_on DATE NOT NULL,
    before_look_on DATE NOT NULL,
    before_reason VARCHAR(20) NOT NULL,
    before_lightly BOOLEAN DEFAULT FALSE NOT NULL,
    predicted_days DOUBLE PRECISION NOT NULL,
    dry_days DOUBLE PRECISION,
    grams DOUBLE PRECISION,
    weighed_days DOUBLE PRECISION,
    weighed_gone DOUBLE PRECISION
);

CREATE TABLE lot (
    id UUID NOT NULL,
    revision BIGINT NOT NULL,
    stored_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    removed_at TIMESTAMP(6) WITH TIME ZONE,
    facts VARCHAR(8000) NOT NULL
);

CREATE TABLE numbering (
    name VARCHAR(20) NOT NULL
);

CREATE TABLE own_material (
    id VARCHAR(60) NOT NULL,
    revision BIGINT NOT NULL,
    facts VARCHAR(8000) NOT NULL,
    stored_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    removed_at TIMESTAMP(6) WITH TIME ZONE
);

CREATE TABLE own_plant (
    id VARCHAR(80) NOT NULL,
    facts VARCHAR(8000) NOT NULL,
    stored_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    removed_at TIMESTAMP(6) WITH TIME ZONE,
    revision BIGINT DEFAULT 0 NOT NULL
);

CREATE TABLE pack (
    material_id VARCHAR(60) NOT NULL,
    litres DOUBLE PRECISION NOT NULL,
    price DOUBLE PRECISION,
    revision BIGINT DEFAULT 0 NOT NULL
);

CREATE TABLE pack_offer (
    id UUID NOT NULL,
    seq BIGINT GENERATED ALWAYS AS IDENTITY(START WITH 1) NOT NULL,
    facts VARCHAR(4000) NOT NULL,
    removed_at TIMESTAMP(6) WITH TIME ZONE
);

CREATE TABLE photo (
    id UUID NOT NULL,
    potting_id UUID NOT NULL,
    taken_on DATE NOT NULL,
    stored_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    width INTEGER NOT NULL,
    height INTEGER NOT NULL,
    picture BYTEA NOT NULL,
    thumbnail BYTEA NOT NULL
);

CREATE TABLE place (
    id UUID NOT NULL,
    name VARCHAR(80) NOT NULL,
    place VARCHAR(4000) NOT NULL,
    revision BIGINT DEFAULT 0 NOT NULL
);

CREATE TABLE place_order (
    name VARCHAR(80) NOT NULL,
    rank INTEGER NOT NULL
);

CREATE TABLE pot_event (
    id UUID NOT NULL,
    potting_id UUID NOT NULL,
    number BIGINT NOT NULL,
    told_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    happened_on DATE NOT NULL,
    kind VARCHAR(20) NOT NULL,
    words VARCHAR(1000) NOT NULL,
    amount DOUBLE PRECISION,
    other_id UUID,
    state_before VARCHAR(20),
    brief_before VARCHAR(20000)
);

CREATE TABLE pot_kind (
    id UUID NOT NULL,
    revision BIGINT NOT NULL,
    name VARCHAR(80) NOT NULL,
    vessel VARCHAR(4000) NOT NULL,
    owned INTEGER NOT NULL,
    removed_at TIMESTAMP(6) WITH TIME ZONE
);

CREATE TABLE potting (
    id UUID NOT NULL,
    revision BIGINT NOT NULL,
    label VARCHAR(120) NOT NULL,
    batch_id UUID NOT NULL,
    place_name VARCHAR(80),
    potted_on DATE NOT NULL,
    predicted_days DOUBLE PRECISION NOT NULL,
    predicted_sd_days DOUBLE PRECISION NOT NULL,
    last_watered_on DATE NOT NULL,
    next_look_on DATE NOT NULL,
    deleted_at TIMESTAMP(6) WITH TIME ZONE,
    next_look_reason VARCHAR(20) NOT NULL,
    brief VARCHAR(8000) NOT NULL,
    set_up VARCHAR(20000),
    set_up_kind VARCHAR(20) DEFAULT 'PLAIN' NOT NULL,
    state VARCHAR(20) DEFAULT 'HERE' NOT NULL,
    mother_id UUID,
    origin VARCHAR(20),
    plant_id VARCHAR(80),
    pace DOUBLE PRECISION DEFAULT 1 NOT NULL,
    pace_log_sd DOUBLE PRECISION DEFAULT 0 NOT NULL,
    pace_looks INTEGER DEFAULT 0 NOT NULL,
    watered_lightly BOOLEAN DEFAULT FALSE NOT NULL,
    wants_kg DOUBLE PRECISION,
    wall VARCHAR(20),
    own_pace DOUBLE PRECISION DEFAULT 1 NOT NULL,
    own_pace_log_sd DOUBLE PRECISION DEFAULT 0 NOT NULL,
    pace_like_pots INTEGER DEFAULT 0 NOT NULL,
    draws_litres DOUBLE PRECISION,
    waits_days INTEGER DEFAULT 0 NOT NULL
);

CREATE TABLE probe_sitting (
    id UUID NOT NULL,
    medium VARCHAR(20) NOT NULL,
    batch_id UUID,
    begun_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    ph DOUBLE PRECISION NOT NULL,
    water DOUBLE PRECISION NOT NULL,
    holds DOUBLE PRECISION NOT NULL,
    stones DOUBLE PRECISION NOT NULL,
    kept DOUBLE PRECISION
);

CREATE TABLE reading_model (
    id INTEGER NOT NULL,
    fingerprint VARCHAR(80) NOT NULL
);

CREATE TABLE saved_brief (
    id UUID NOT NULL,
    name VARCHAR(120) NOT NULL,
    kept_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    brief VARCHAR(8000) NOT NULL,
    revision BIGINT DEFAULT 0 NOT NULL,
    removed_at TIMESTAMP(6) WITH TIME ZONE
);

CREATE TABLE trouble (
    id UUID NOT NULL,
    revision BIGINT NOT NULL,
    potting_id UUID NOT NULL,
    told_on DATE NOT NULL,
    told_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    signs VARCHAR(2000) NOT NULL,
    cause VARCHAR(20) NOT NULL,
    share DOUBLE PRECISION NOT NULL,
    look_on DATE NOT NULL,
    outcome VARCHAR(20),
    outcome_on DATE,
    removed_at TIMESTAMP(6) WITH TIME ZONE
);

ALTER TABLE account ADD PRIMARY KEY(name);
ALTER TABLE batch ADD CONSTRAINT batch_lot_unique UNIQUE (lot);
ALTER TABLE batch ADD PRIMARY KEY(id);
ALTER TABLE batch_lot ADD PRIMARY KEY(id);
ALTER TABLE batch_tap ADD PRIMARY KEY(id);
ALTER TABLE batch_tap ADD UNIQUE (batch_id, number);
ALTER TABLE bench_test ADD PRIMARY KEY(id);
ALTER TABLE bin_event ADD PRIMARY KEY(id);
ALTER TABLE bin_event ADD UNIQUE (batch_id, number);
ALTER TABLE blend ADD PRIMARY KEY(id);
ALTER TABLE blend_card ADD PRIMARY KEY(blend_id);
ALTER TABLE blend_card_material ADD PRIMARY KEY(blend_id, material_id);
ALTER TABLE blend_version ADD PRIMARY KEY(id);
ALTER TABLE blend_version ADD UNIQUE (blend_id, number);
ALTER TABLE climate_day ADD PRIMARY KEY(place_name, logged_on);
ALTER TABLE deed ADD PRIMARY KEY(id);
ALTER TABLE look ADD PRIMARY KEY(id);
ALTER TABLE lot ADD PRIMARY KEY(id);
ALTER TABLE numbering ADD PRIMARY KEY(name);
ALTER TABLE own_material ADD PRIMARY KEY(id);
ALTER TABLE own_plant ADD PRIMARY KEY(id);
ALTER TABLE pack ADD PRIMARY KEY(material_id);
ALTER TABLE pack_offer ADD PRIMARY KEY(id);
ALTER TABLE photo ADD PRIMARY KEY(id);
ALTER TABLE place ADD PRIMARY KEY(id);
ALTER TABLE place ADD UNIQUE (name);
ALTER TABLE place_order ADD PRIMARY KEY(name);
ALTER TABLE pot_event ADD PRIMARY KEY(id);
ALTER TABLE pot_event ADD UNIQUE (potting_id, number);
ALTER TABLE pot_kind ADD PRIMARY KEY(id);
ALTER TABLE potting ADD PRIMARY KEY(id);
ALTER TABLE probe_sitting ADD PRIMARY KEY(id);
ALTER TABLE reading_model ADD PRIMARY KEY(id);
ALTER TABLE saved_brief ADD PRIMARY KEY(id);
ALTER TABLE trouble ADD PRIMARY KEY(id);

ALTER TABLE batch ADD FOREIGN KEY(blend_id, version_number) REFERENCES blend_version(blend_id, number);
ALTER TABLE batch ADD FOREIGN KEY(split_from) REFERENCES batch(id);
ALTER TABLE batch_lot ADD FOREIGN KEY(batch_id) REFERENCES batch(id);
ALTER TABLE batch_tap ADD FOREIGN KEY(batch_id) REFERENCES batch(id);
ALTER TABLE bench_test ADD FOREIGN KEY(batch_id) REFERENCES batch(id);
ALTER TABLE bench_test ADD FOREIGN KEY(blend_id) REFERENCES blend(id);
ALTER TABLE bin_event ADD FOREIGN KEY(batch_id) REFERENCES batch(id);
ALTER TABLE blend_card ADD FOREIGN KEY(blend_id) REFERENCES blend(id);
ALTER TABLE blend_card_material ADD FOREIGN KEY(blend_id) REFERENCES blend_card(blend_id);
ALTER TABLE blend_version ADD FOREIGN KEY(blend_id) REFERENCES blend(id);
ALTER TABLE look ADD FOREIGN KEY(potting_id) REFERENCES potting(id);
ALTER TABLE photo ADD FOREIGN KEY(potting_id) REFERENCES potting(id);
ALTER TABLE pot_event ADD FOREIGN KEY(potting_id) REFERENCES potting(id);
ALTER TABLE potting ADD FOREIGN KEY(batch_id) REFERENCES batch(id);
ALTER TABLE potting ADD FOREIGN KEY(mother_id) REFERENCES potting(id);
ALTER TABLE probe_sitting ADD FOREIGN KEY(batch_id) REFERENCES batch(id);
ALTER TABLE trouble ADD FOREIGN KEY(potting_id) REFERENCES potting(id);

CREATE INDEX batch_created ON batch(created_at DESC NULLS LAST);
CREATE INDEX batch_lot_by_batch ON batch_lot(batch_id);
CREATE INDEX bench_test_by_batch ON bench_test(batch_id);
CREATE INDEX bench_test_by_blend ON bench_test(blend_id);
CREATE INDEX blend_card_ingredients ON blend_card(ingredients);
CREATE INDEX blend_card_of_material ON blend_card_material(material_id);
CREATE INDEX blend_changed ON blend(changed_at DESC NULLS LAST);
CREATE INDEX deed_by_time ON deed(done_at);
CREATE INDEX look_by_day ON look(looked_on);
CREATE INDEX look_of_potting ON look(potting_id, seq);
CREATE INDEX photo_by_potting ON photo(potting_id);
CREATE INDEX pot_event_by_kind ON pot_event(kind, potting_id, happened_on);
CREATE INDEX potting_by_batch ON potting(batch_id);
CREATE INDEX potting_by_mother ON potting(mother_id);
CREATE INDEX potting_by_place ON potting(place_name, label);
CREATE INDEX potting_by_state_and_look ON potting(state, next_look_on);
CREATE INDEX potting_next_look ON potting(next_look_on);
CREATE INDEX trouble_by_potting ON trouble(potting_id);
CREATE INDEX trouble_to_see ON trouble(outcome, look_on);

INSERT INTO numbering (name) VALUES ('lot');
INSERT INTO reading_model (id, fingerprint) VALUES (1, '');
