-- What has a shape of its own is kept as one versioned document instead of a row of columns or of rows that many tables repeat: briefs,
-- recipes, pots to fill, lots, offers, tests and places.

ALTER TABLE blend ADD COLUMN brief VARCHAR(8000);
ALTER TABLE blend ADD COLUMN recipe VARCHAR(16000);
ALTER TABLE blend_version ADD COLUMN brief VARCHAR(8000);
ALTER TABLE blend_version ADD COLUMN recipe VARCHAR(16000);
ALTER TABLE potting ADD COLUMN brief VARCHAR(8000);
ALTER TABLE saved_brief ADD COLUMN brief VARCHAR(8000);
ALTER TABLE bench_test ADD COLUMN recipe VARCHAR(16000);
ALTER TABLE bench_test ADD COLUMN test VARCHAR(4000);
ALTER TABLE batch ADD COLUMN fills VARCHAR(40000);
ALTER TABLE lot ADD COLUMN facts VARCHAR(8000);
ALTER TABLE pack_offer ADD COLUMN facts VARCHAR(4000);
ALTER TABLE place ADD COLUMN place VARCHAR(4000);

UPDATE blend SET brief = CAST(JSON_OBJECT(
    'v': 1,
    'plantId': plant_id,
    'companionIds': ('["' || REPLACE(companion_ids, ',', '","') || '"]') FORMAT JSON,
    'stage': stage,
    'pot': CASE WHEN pot_shape IS NULL THEN NULL ELSE JSON_OBJECT(
        'shape': pot_shape, 'topCm': pot_top_cm, 'bottomCm': pot_bottom_cm, 'heightCm': pot_height_cm, 'wall': pot_wall, 'base': pot_base,
        'baseCm': pot_base_cm, 'layerMaterialId': pot_layer_material_id, 'layerCm': pot_layer_cm ABSENT ON NULL) END,
    'place': CASE WHEN place_light IS NULL THEN NULL ELSE JSON_OBJECT(
        'name': place_name, 'temperatureC': place_temperature_c, 'humidityPercent': place_humidity_percent, 'light': place_light,
        'draught': place_draught, 'dailyLightMol': place_daily_light_mol, 'rainMmPerWeek': place_rain_mm_per_week ABSENT ON NULL) END,
    'habit': CASE WHEN habit_amount IS NULL THEN NULL ELSE JSON_OBJECT(
        'everyDays': habit_every_days, 'amount': habit_amount, 'hand': habit_hand, 'water': habit_water,
        'alkalinityMgPerL': habit_alkalinity_mg_per_l, 'waterEcDsPerM': habit_water_ec_ds_per_m ABSENT ON NULL) END,
    'wishes': CASE WHEN wish_no_compost IS NULL THEN NULL ELSE JSON_OBJECT(
        'fibre': wish_fibre, 'noCompost': wish_no_compost, 'drainageLayer': wish_drainage_layer, 'mineralOnly': wish_mineral_only,
        'cheap': wish_cheap, 'light': wish_light, 'mostMaterials': wish_most_materials, 'lifeYears': wish_life_years ABSENT ON NULL) END
    ABSENT ON NULL) AS VARCHAR);
ALTER TABLE blend ALTER COLUMN brief SET NOT NULL;

UPDATE blend_version SET brief = CAST(JSON_OBJECT(
    'v': 1,
    'plantId': plant_id,
    'companionIds': ('["' || REPLACE(companion_ids, ',', '","') || '"]') FORMAT JSON,
    'stage': stage,
    'pot': CASE WHEN pot_shape IS NULL THEN NULL ELSE JSON_OBJECT(
        'shape': pot_shape, 'topCm': pot_top_cm, 'bottomCm': pot_bottom_cm, 'heightCm': pot_height_cm, 'wall': pot_wall, 'base': pot_base,
        'baseCm': pot_base_cm, 'layerMaterialId': pot_layer_material_id, 'layerCm': pot_layer_cm ABSENT ON NULL) END,
    'place': CASE WHEN place_light IS NULL THEN NULL ELSE JSON_OBJECT(
        'name': place_name, 'temperatureC': place_temperature_c, 'humidityPercent': place_humidity_percent, 'light': place_light,
        'draught': place_draught, 'dailyLightMol': place_daily_light_mol, 'rainMmPerWeek': place_rain_mm_per_week ABSENT ON NULL) END,
    'habit': CASE WHEN habit_amount IS NULL THEN NULL ELSE JSON_OBJECT(
        'everyDays': habit_every_days, 'amount': habit_amount, 'hand': habit_hand, 'water': habit_water,
        'alkalinityMgPerL': habit_alkalinity_mg_per_l, 'waterEcDsPerM': habit_water_ec_ds_per_m ABSENT ON NULL) END,
    'wishes': CASE WHEN wish_no_compost IS NULL THEN NULL ELSE JSON_OBJECT(
        'fibre': wish_fibre, 'noCompost': wish_no_compost, 'drainageLayer': wish_drainage_layer, 'mineralOnly': wish_mineral_only,
        'cheap': wish_cheap, 'light': wish_light, 'mostMaterials': wish_most_materials, 'lifeYears': wish_life_years ABSENT ON NULL) END
    ABSENT ON NULL) AS VARCHAR);
ALTER TABLE blend_version ALTER COLUMN brief SET NOT NULL;

UPDATE potting SET brief = CAST(JSON_OBJECT(
    'v': 1,
    'plantId': plant_id,
    'companionIds': ('["' || REPLACE(companion_ids, ',', '","') || '"]') FORMAT JSON,
    'stage': stage,
    'pot': CASE WHEN pot_shape IS NULL THEN NULL ELSE JSON_OBJECT(
        'shape': pot_shape, 'topCm': pot_top_cm, 'bottomCm': pot_bottom_cm, 'heightCm': pot_height_cm, 'wall': pot_wall, 'base': pot_base,
        'baseCm': pot_base_cm, 'layerMaterialId': pot_layer_material_id, 'layerCm': pot_layer_cm ABSENT ON NULL) END,
    'place': CASE WHEN place_light IS NULL THEN NULL ELSE JSON_OBJECT(
        'name': place_name, 'temperatureC': place_temperature_c, 'humidityPercent': place_humidity_percent, 'light': place_light,
        'draught': place_draught, 'dailyLightMol': place_daily_light_mol, 'rainMmPerWeek': place_rain_mm_per_week ABSENT ON NULL) END,
    'habit': CASE WHEN habit_amount IS NULL THEN NULL ELSE JSON_OBJECT(
        'everyDays': habit_every_days, 'amount': habit_amount, 'hand': habit_hand, 'water': habit_water,
        'alkalinityMgPerL': habit_alkalinity_mg_per_l, 'waterEcDsPerM': habit_water_ec_ds_per_m ABSENT ON NULL) END,
    'wishes': CASE WHEN wish_no_compost IS NULL THEN NULL ELSE JSON_OBJECT(
        'fibre': wish_fibre, 'noCompost': wish_no_compost, 'drainageLayer': wish_drainage_layer, 'mineralOnly': wish_mineral_only,
        'cheap': wish_cheap, 'light': wish_light, 'mostMaterials': wish_most_materials, 'lifeYears': wish_life_years ABSENT ON NULL) END
    ABSENT ON NULL) AS VARCHAR);
ALTER TABLE potting ALTER COLUMN brief SET NOT NULL;

UPDATE saved_brief SET brief = CAST(JSON_OBJECT(
    'v': 1,
    'plantId': plant_id,
    'companionIds': ('["' || REPLACE(companion_ids, ',', '","') || '"]') FORMAT JSON,
    'stage': stage,
    'pot': CASE WHEN pot_shape IS NULL THEN NULL ELSE JSON_OBJECT(
        'shape': pot_shape, 'topCm': pot_top_cm, 'bottomCm': pot_bottom_cm, 'heightCm': pot_height_cm, 'wall': pot_wall, 'base': pot_base,
        'baseCm': pot_base_cm, 'layerMaterialId': pot_layer_material_id, 'layerCm': pot_layer_cm ABSENT ON NULL) END,
    'place': CASE WHEN place_light IS NULL THEN NULL ELSE JSON_OBJECT(
        'name': place_name, 'temperatureC': place_temperature_c, 'humidityPercent': place_humidity_percent, 'light': place_light,
        'draught': place_draught, 'dailyLightMol': place_daily_light_mol, 'rainMmPerWeek': place_rain_mm_per_week ABSENT ON NULL) END,
    'habit': CASE WHEN habit_amount IS NULL THEN NULL ELSE JSON_OBJECT(
        'everyDays': habit_every_days, 'amount': habit_amount, 'hand': habit_hand, 'water': habit_water,
        'alkalinityMgPerL': habit_alkalinity_mg_per_l, 'waterEcDsPerM': habit_water_ec_ds_per_m ABSENT ON NULL) END,
    'wishes': CASE WHEN wish_no_compost IS NULL THEN NULL ELSE JSON_OBJECT(
        'fibre': wish_fibre, 'noCompost': wish_no_compost, 'drainageLayer': wish_drainage_layer, 'mineralOnly': wish_mineral_only,
        'cheap': wish_cheap, 'light': wish_light, 'mostMaterials': wish_most_materials, 'lifeYears': wish_life_years ABSENT ON NULL) END
    ABSENT ON NULL) AS VARCHAR);
ALTER TABLE saved_brief ALTER COLUMN brief SET NOT NULL;

UPDATE blend owner SET recipe = CAST(JSON_OBJECT(
    'v': 1,
    'measure': measure,
    'parts': COALESCE((SELECT JSON_ARRAYAGG(JSON_OBJECT('materialId': material_id, 'amount': amount) ORDER BY position)
        FROM blend_part part WHERE part.blend_id = owner.id), JSON '[]'),
    'doses': COALESCE((SELECT JSON_ARRAYAGG(JSON_OBJECT('amendmentId': amendment_id, 'gPerL': g_per_l) ORDER BY position)
        FROM blend_dose dose WHERE dose.blend_id = owner.id), JSON '[]'),
    'scoop': scoop
    ABSENT ON NULL) AS VARCHAR);
ALTER TABLE blend ALTER COLUMN recipe SET NOT NULL;
DROP TABLE blend_part;
DROP TABLE blend_dose;
ALTER TABLE blend DROP COLUMN measure;
ALTER TABLE blend DROP COLUMN scoop;

UPDATE blend_version owner SET recipe = CAST(JSON_OBJECT(
    'v': 1,
    'measure': measure,
    'parts': COALESCE((SELECT JSON_ARRAYAGG(JSON_OBJECT('materialId': material_id, 'amount': amount) ORDER BY position)
        FROM version_part part WHERE part.version_id = owner.id), JSON '[]'),
    'doses': COALESCE((SELECT JSON_ARRAYAGG(JSON_OBJECT('amendmentId': amendment_id, 'gPerL': g_per_l) ORDER BY position)
        FROM version_dose dose WHERE dose.version_id = owner.id), JSON '[]'),
    'scoop': scoop
    ABSENT ON NULL) AS VARCHAR);
ALTER TABLE blend_version ALTER COLUMN recipe SET NOT NULL;
DROP TABLE version_part;
DROP TABLE version_dose;
ALTER TABLE blend_version DROP COLUMN measure;
ALTER TABLE blend_version DROP COLUMN scoop;

UPDATE bench_test owner SET recipe = CAST(JSON_OBJECT(
    'v': 1,
    'measure': measure,
    'parts': COALESCE((SELECT JSON_ARRAYAGG(JSON_OBJECT('materialId': material_id, 'amount': amount) ORDER BY position)
        FROM bench_test_part part WHERE part.test_id = owner.id), JSON '[]'),
    'doses': COALESCE((SELECT JSON_ARRAYAGG(JSON_OBJECT('amendmentId': amendment_id, 'gPerL': g_per_l) ORDER BY position)
        FROM bench_test_dose dose WHERE dose.test_id = owner.id), JSON '[]'),
    'scoop': NULL
    ABSENT ON NULL) AS VARCHAR);
ALTER TABLE bench_test ALTER COLUMN recipe SET NOT NULL;
DROP TABLE bench_test_part;
DROP TABLE bench_test_dose;
ALTER TABLE bench_test DROP COLUMN measure;

UPDATE batch owner SET fills = CAST(JSON_OBJECT(
    'v': 1,
    'fills': COALESCE((SELECT JSON_ARRAYAGG(JSON_OBJECT(
        'count': pot_count,
        'pot': CASE WHEN pot_shape IS NULL THEN NULL ELSE JSON_OBJECT(
        'shape': pot_shape, 'topCm': pot_top_cm, 'bottomCm': pot_bottom_cm, 'heightCm': pot_height_cm, 'wall': pot_wall, 'base': pot_base,
        'baseCm': pot_base_cm, 'layerMaterialId': pot_layer_material_id, 'layerCm': pot_layer_cm ABSENT ON NULL) END,
        'rootBallLitres': root_ball_litres) ORDER BY position) FROM batch_fill fill WHERE fill.batch_id = owner.id), JSON '[]')) AS VARCHAR);
ALTER TABLE batch ALTER COLUMN fills SET NOT NULL;
DROP TABLE batch_fill;

UPDATE bench_test SET test = CAST(JSON_OBJECT(
    'v': 1, 'kind': kind, 'containerL': container_l, 'heightCm': height_cm, 'waterInL': water_in_l, 'drainedL': drained_l,
    'moistureL': moisture_l, 'wetG': wet_g, 'dryG': dry_g, 'shows': squeeze_shows, 'depthCm': depth_cm, 'seconds': seconds,
    'reading': ph_reading, 'method': ph_method, 'weeks': weeks ABSENT ON NULL) AS VARCHAR);
ALTER TABLE bench_test ALTER COLUMN test SET NOT NULL;

ALTER TABLE bench_test DROP COLUMN kind;
ALTER TABLE bench_test DROP COLUMN container_l;
ALTER TABLE bench_test DROP COLUMN height_cm;
ALTER TABLE bench_test DROP COLUMN water_in_l;
ALTER TABLE bench_test DROP COLUMN drained_l;
ALTER TABLE bench_test DROP COLUMN moisture_l;
ALTER TABLE bench_test DROP COLUMN wet_g;
ALTER TABLE bench_test DROP COLUMN dry_g;
ALTER TABLE bench_test DROP COLUMN squeeze_shows;
ALTER TABLE bench_test DROP COLUMN depth_cm;
ALTER TABLE bench_test DROP COLUMN seconds;
ALTER TABLE bench_test DROP COLUMN ph_reading;
ALTER TABLE bench_test DROP COLUMN ph_method;
ALTER TABLE bench_test DROP COLUMN weeks;

UPDATE lot SET facts = CAST(JSON_OBJECT(
    'v': 1, 'materialId': material_id, 'sold': sold, 'amount': amount, 'swell': swell, 'leftLitres': left_litres,
    'lowLitres': low_litres, 'price': price, 'openedOn': CAST(opened_on AS VARCHAR), 'supplier': supplier, 'fed': fed, 'rinsed': rinsed,
    'quarantined': quarantined, 'measured': measured FORMAT JSON ABSENT ON NULL) AS VARCHAR);
ALTER TABLE lot ALTER COLUMN facts SET NOT NULL;

ALTER TABLE lot DROP COLUMN material_id;
ALTER TABLE lot DROP COLUMN sold;
ALTER TABLE lot DROP COLUMN amount;
ALTER TABLE lot DROP COLUMN swell;
ALTER TABLE lot DROP COLUMN left_litres;
ALTER TABLE lot DROP COLUMN low_litres;
ALTER TABLE lot DROP COLUMN price;
ALTER TABLE lot DROP COLUMN opened_on;
ALTER TABLE lot DROP COLUMN supplier;
ALTER TABLE lot DROP COLUMN fed;
ALTER TABLE lot DROP COLUMN rinsed;
ALTER TABLE lot DROP COLUMN quarantined;
ALTER TABLE lot DROP COLUMN measured;

UPDATE pack_offer SET facts = CAST(JSON_OBJECT(
    'v': 1, 'materialId': material_id, 'sold': sold, 'amount': amount, 'swell': swell, 'price': price, 'supplier': supplier
    ABSENT ON NULL) AS VARCHAR);
ALTER TABLE pack_offer ALTER COLUMN facts SET NOT NULL;

ALTER TABLE pack_offer DROP COLUMN material_id;
ALTER TABLE pack_offer DROP COLUMN sold;
ALTER TABLE pack_offer DROP COLUMN amount;
ALTER TABLE pack_offer DROP COLUMN swell;
ALTER TABLE pack_offer DROP COLUMN price;
ALTER TABLE pack_offer DROP COLUMN supplier;

UPDATE place SET place = CAST(JSON_OBJECT('v': 1, 'name': place_name, 'temperatureC': place_temperature_c, 'humidityPercent': place_humidity_percent, 'light': place_light,
        'draught': place_draught, 'dailyLightMol': place_daily_light_mol, 'rainMmPerWeek': place_rain_mm_per_week ABSENT ON NULL) AS VARCHAR);
ALTER TABLE place ALTER COLUMN place SET NOT NULL;
ALTER TABLE place ALTER COLUMN place_name RENAME TO name;

ALTER TABLE place DROP COLUMN place_temperature_c;
ALTER TABLE place DROP COLUMN place_humidity_percent;
ALTER TABLE place DROP COLUMN place_light;
ALTER TABLE place DROP COLUMN place_draught;
ALTER TABLE place DROP COLUMN place_daily_light_mol;
ALTER TABLE place DROP COLUMN place_rain_mm_per_week;


ALTER TABLE blend DROP COLUMN plant_id;
ALTER TABLE blend DROP COLUMN stage;
ALTER TABLE blend DROP COLUMN pot_shape;
ALTER TABLE blend DROP COLUMN pot_top_cm;
ALTER TABLE blend DROP COLUMN pot_bottom_cm;
ALTER TABLE blend DROP COLUMN pot_height_cm;
ALTER TABLE blend DROP COLUMN pot_wall;
ALTER TABLE blend DROP COLUMN pot_base;
ALTER TABLE blend DROP COLUMN pot_base_cm;
ALTER TABLE blend DROP COLUMN pot_layer_material_id;
ALTER TABLE blend DROP COLUMN pot_layer_cm;
ALTER TABLE blend DROP COLUMN place_name;
ALTER TABLE blend DROP COLUMN place_temperature_c;
ALTER TABLE blend DROP COLUMN place_humidity_percent;
ALTER TABLE blend DROP COLUMN place_light;
ALTER TABLE blend DROP COLUMN place_draught;
ALTER TABLE blend DROP COLUMN habit_every_days;
ALTER TABLE blend DROP COLUMN habit_amount;
ALTER TABLE blend DROP COLUMN habit_hand;
ALTER TABLE blend DROP COLUMN habit_water;
ALTER TABLE blend DROP COLUMN companion_ids;
ALTER TABLE blend DROP COLUMN place_daily_light_mol;
ALTER TABLE blend DROP COLUMN place_rain_mm_per_week;
ALTER TABLE blend DROP COLUMN habit_alkalinity_mg_per_l;
ALTER TABLE blend DROP COLUMN habit_water_ec_ds_per_m;
ALTER TABLE blend DROP COLUMN wish_fibre;
ALTER TABLE blend DROP COLUMN wish_no_compost;
ALTER TABLE blend DROP COLUMN wish_drainage_layer;
ALTER TABLE blend DROP COLUMN wish_mineral_only;
ALTER TABLE blend DROP COLUMN wish_cheap;
ALTER TABLE blend DROP COLUMN wish_light;
ALTER TABLE blend DROP COLUMN wish_most_materials;
ALTER TABLE blend DROP COLUMN wish_life_years;
ALTER TABLE blend_version DROP COLUMN plant_id;
ALTER TABLE blend_version DROP COLUMN stage;
ALTER TABLE blend_version DROP COLUMN pot_shape;
ALTER TABLE blend_version DROP COLUMN pot_top_cm;
ALTER TABLE blend_version DROP COLUMN pot_bottom_cm;
ALTER TABLE blend_version DROP COLUMN pot_height_cm;
ALTER TABLE blend_version DROP COLUMN pot_wall;
ALTER TABLE blend_version DROP COLUMN pot_base;
ALTER TABLE blend_version DROP COLUMN pot_base_cm;
ALTER TABLE blend_version DROP COLUMN pot_layer_material_id;
ALTER TABLE blend_version DROP COLUMN pot_layer_cm;
ALTER TABLE blend_version DROP COLUMN place_name;
ALTER TABLE blend_version DROP COLUMN place_temperature_c;
ALTER TABLE blend_version DROP COLUMN place_humidity_percent;
ALTER TABLE blend_version DROP COLUMN place_light;
ALTER TABLE blend_version DROP COLUMN place_draught;
ALTER TABLE blend_version DROP COLUMN habit_every_days;
ALTER TABLE blend_version DROP COLUMN habit_amount;
ALTER TABLE blend_version DROP COLUMN habit_hand;
ALTER TABLE blend_version DROP COLUMN habit_water;
ALTER TABLE blend_version DROP COLUMN companion_ids;
ALTER TABLE blend_version DROP COLUMN place_daily_light_mol;
ALTER TABLE blend_version DROP COLUMN place_rain_mm_per_week;
ALTER TABLE blend_version DROP COLUMN habit_alkalinity_mg_per_l;
ALTER TABLE blend_version DROP COLUMN habit_water_ec_ds_per_m;
ALTER TABLE blend_version DROP COLUMN wish_fibre;
ALTER TABLE blend_version DROP COLUMN wish_no_compost;
ALTER TABLE blend_version DROP COLUMN wish_drainage_layer;
ALTER TABLE blend_version DROP COLUMN wish_mineral_only;
ALTER TABLE blend_version DROP COLUMN wish_cheap;
ALTER TABLE blend_version DROP COLUMN wish_light;
ALTER TABLE blend_version DROP COLUMN wish_most_materials;
ALTER TABLE blend_version DROP COLUMN wish_life_years;
ALTER TABLE potting DROP COLUMN plant_id;
ALTER TABLE potting DROP COLUMN stage;
ALTER TABLE potting DROP COLUMN pot_shape;
ALTER TABLE potting DROP COLUMN pot_top_cm;
ALTER TABLE potting DROP COLUMN pot_bottom_cm;
ALTER TABLE potting DROP COLUMN pot_height_cm;
ALTER TABLE potting DROP COLUMN pot_wall;
ALTER TABLE potting DROP COLUMN pot_base;
ALTER TABLE potting DROP COLUMN pot_base_cm;
ALTER TABLE potting DROP COLUMN pot_layer_material_id;
ALTER TABLE potting DROP COLUMN pot_layer_cm;
ALTER TABLE potting DROP COLUMN place_temperature_c;
ALTER TABLE potting DROP COLUMN place_humidity_percent;
ALTER TABLE potting DROP COLUMN place_light;
ALTER TABLE potting DROP COLUMN place_draught;
ALTER TABLE potting DROP COLUMN habit_every_days;
ALTER TABLE potting DROP COLUMN habit_amount;
ALTER TABLE potting DROP COLUMN habit_hand;
ALTER TABLE potting DROP COLUMN habit_water;
ALTER TABLE potting DROP COLUMN companion_ids;
ALTER TABLE potting DROP COLUMN place_daily_light_mol;
ALTER TABLE potting DROP COLUMN place_rain_mm_per_week;
ALTER TABLE potting DROP COLUMN habit_alkalinity_mg_per_l;
ALTER TABLE potting DROP COLUMN habit_water_ec_ds_per_m;
ALTER TABLE potting DROP COLUMN wish_fibre;
ALTER TABLE potting DROP COLUMN wish_no_compost;
ALTER TABLE potting DROP COLUMN wish_drainage_layer;
ALTER TABLE potting DROP COLUMN wish_mineral_only;
ALTER TABLE potting DROP COLUMN wish_cheap;
ALTER TABLE potting DROP COLUMN wish_light;
ALTER TABLE potting DROP COLUMN wish_most_materials;
ALTER TABLE potting DROP COLUMN wish_life_years;
ALTER TABLE saved_brief DROP COLUMN plant_id;
ALTER TABLE saved_brief DROP COLUMN stage;
ALTER TABLE saved_brief DROP COLUMN pot_shape;
ALTER TABLE saved_brief DROP COLUMN pot_top_cm;
ALTER TABLE saved_brief DROP COLUMN pot_bottom_cm;
ALTER TABLE saved_brief DROP COLUMN pot_height_cm;
ALTER TABLE saved_brief DROP COLUMN pot_wall;
ALTER TABLE saved_brief DROP COLUMN pot_base;
ALTER TABLE saved_brief DROP COLUMN pot_base_cm;
ALTER TABLE saved_brief DROP COLUMN pot_layer_material_id;
ALTER TABLE saved_brief DROP COLUMN pot_layer_cm;
ALTER TABLE saved_brief DROP COLUMN place_name;
ALTER TABLE saved_brief DROP COLUMN place_temperature_c;
ALTER TABLE saved_brief DROP COLUMN place_humidity_percent;
ALTER TABLE saved_brief DROP COLUMN place_light;
ALTER TABLE saved_brief DROP COLUMN place_draught;
ALTER TABLE saved_brief DROP COLUMN habit_every_days;
ALTER TABLE saved_brief DROP COLUMN habit_amount;
ALTER TABLE saved_brief DROP COLUMN habit_hand;
ALTER TABLE saved_brief DROP COLUMN habit_water;
ALTER TABLE saved_brief DROP COLUMN companion_ids;
ALTER TABLE saved_brief DROP COLUMN place_daily_light_mol;
ALTER TABLE saved_brief DROP COLUMN place_rain_mm_per_week;
ALTER TABLE saved_brief DROP COLUMN habit_alkalinity_mg_per_l;
ALTER TABLE saved_brief DROP COLUMN habit_water_ec_ds_per_m;
ALTER TABLE saved_brief DROP COLUMN wish_fibre;
ALTER TABLE saved_brief DROP COLUMN wish_no_compost;
ALTER TABLE saved_brief DROP COLUMN wish_drainage_layer;
ALTER TABLE saved_brief DROP COLUMN wish_mineral_only;
ALTER TABLE saved_brief DROP COLUMN wish_cheap;
ALTER TABLE saved_brief DROP COLUMN wish_light;
ALTER TABLE saved_brief DROP COLUMN wish_most_materials;
ALTER TABLE saved_brief DROP COLUMN wish_life_years;
