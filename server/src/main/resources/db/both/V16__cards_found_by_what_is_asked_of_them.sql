-- which groups of plants there are cards for, and whether any is to be read anew, is found without reading the cards, which are long
CREATE INDEX blend_card_group ON blend_card (group_name);
CREATE INDEX blend_card_stale ON blend_card (stale);
