-- people who share a house, by the name with which they sign in; the password as bcrypt has it
CREATE TABLE account (
    name VARCHAR(60) PRIMARY KEY,
    role VARCHAR(20) NOT NULL,
    password VARCHAR(100) NOT NULL,
    made_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    revision BIGINT DEFAULT 0 NOT NULL
);

-- who did what, where several people share a house
CREATE TABLE deed (
    id UUID PRIMARY KEY,
    done_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    done_by VARCHAR(60) NOT NULL,
    what VARCHAR(160) NOT NULL,
    address VARCHAR(300) NOT NULL
);
CREATE INDEX deed_by_time ON deed (done_at);
