-- every thing that two windows may change carries its revision
ALTER TABLE place ADD COLUMN revision BIGINT DEFAULT 0 NOT NULL;
ALTER TABLE own_plant ADD COLUMN revision BIGINT DEFAULT 0 NOT NULL;
ALTER TABLE saved_brief ADD COLUMN revision BIGINT DEFAULT 0 NOT NULL;
ALTER TABLE pack ADD COLUMN revision BIGINT DEFAULT 0 NOT NULL;

-- what is taken away stays where it was for a while, so that it can be put back
ALTER TABLE saved_brief ADD COLUMN removed_at TIMESTAMP(6) WITH TIME ZONE;
ALTER TABLE pot_kind ADD COLUMN removed_at TIMESTAMP(6) WITH TIME ZONE;
ALTER TABLE pack_offer ADD COLUMN removed_at TIMESTAMP(6) WITH TIME ZONE;
ALTER TABLE trouble ADD COLUMN removed_at TIMESTAMP(6) WITH TIME ZONE;
