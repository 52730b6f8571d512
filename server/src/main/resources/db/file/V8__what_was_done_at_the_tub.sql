-- every scoop, weighing and correction at the tub, as it was told; a batch is what these come to
CREATE TABLE batch_tap (
    id UUID PRIMARY KEY,
    batch_id UUID NOT NULL REFERENCES batch (id),
    number BIGINT NOT NULL,
    told_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    kind VARCHAR(20) NOT NULL,
    load_number INT NOT NULL,
    thing_id VARCHAR(140) NOT NULL,
    amount DOUBLE PRECISION NOT NULL,
    instead_of VARCHAR(140),
    undoes UUID,
    UNIQUE (batch_id, number)
);
