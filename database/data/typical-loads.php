<?php

declare(strict_types=1);

/*
 * Typical loads with low, usual and high figures, to begin with where there is no nameplate
 * and no measurement. Rounded from the physics of the thing (motor output over efficiency, lamp
 * and element ratings); a nameplate or a clamp meter is always better. The role is what most
 * households choose, offered and never taken unasked; the words are what people write on a door
 * for it, parted by commas.
 * name, kind, volts, running [low, usual, high] W, starting [low, usual, high] W, power factor, role, words
 */
return [
    [
        'LED lighting, one room', 'lighting', 120, [20, 45, 90], [20, 45, 90], 0.95, 'must',
        'lights, light, lighting, lamp, lamps, leds',
    ],
    [
        'LED lighting, whole floor', 'lighting', 120, [80, 150, 300], [80, 150, 300], 0.95, 'must',
        'upstairs lights, downstairs lights, floor lights, hall lights, house lights, general lighting',
    ],
    [
        'Fluorescent shop lights', 'lighting', 120, [120, 240, 480], [150, 300, 600], 0.9, 'room',
        'shop lights, workshop lights, tube lights, fluorescent',
    ],
    [
        'Yard flood light', 'lighting', 120, [30, 60, 150], [30, 60, 150], 0.95, 'room',
        'flood light, floodlight, yard light, outside light, outdoor lights, porch light, security light',
    ],
    [
        'Barn lights', 'lighting', 120, [100, 220, 450], [100, 220, 450], 0.95, 'must',
        'barn light, stable lights, milking parlor lights, shed lights',
    ],
    [
        'Outlets, living room', 'outlets', 120, [80, 200, 500], [80, 200, 600], 0.95, 'room',
        'living room, family room, den, great room, parlor, receptacles, plugs, outlets, lounge',
    ],
    [
        'Outlets, bedroom', 'outlets', 120, [40, 120, 300], [40, 120, 300], 0.95, 'room',
        'bedroom, bed room, master bedroom, guest room, nursery, br, bdrm',
    ],
    [
        'Outlets, kitchen counter', 'outlets', 120, [100, 600, 1500], [100, 600, 1500], 1.0, 'room',
        'kitchen, counter, countertop, small appliance, kitchen outlets, kitchen gfci, kit',
    ],
    [
        'Outlets, garage', 'outlets', 120, [50, 300, 1200], [50, 500, 2000], 0.9, 'room',
        'garage, garage outlets, carport',
    ],
    [
        'Router and modem', 'electronics', 120, [12, 25, 45], [12, 25, 45], 0.9, 'must',
        'internet, wifi, wi-fi, router, modem, network, fiber, ont, gateway, mesh',
    ],
    [
        'Laptop', 'electronics', 120, [30, 60, 120], [30, 60, 120], 0.95, 'room',
        'notebook, portable computer',
    ],
    [
        'Desktop computer and screen', 'electronics', 120, [120, 220, 500], [120, 220, 500], 0.95, 'room',
        'computer, pc, desktop, office, home office, study, workstation, monitor',
    ],
    [
        'Television', 'electronics', 120, [60, 120, 280], [60, 120, 280], 0.95, 'room',
        'tv, flat screen, media center, home theater, entertainment',
    ],
    [
        'Security panel and cameras', 'electronics', 120, [20, 45, 90], [20, 45, 90], 0.9, 'must',
        'alarm, burglar alarm, security, cameras, cctv, security system',
    ],
    [
        'Phone chargers', 'electronics', 120, [10, 30, 80], [10, 30, 80], 0.9, 'room',
        'phone charger, usb, tablet charger, phone',
    ],
    [
        'Oxygen concentrator', 'medical', 120, [280, 350, 600], [400, 650, 1000], 0.9, 'must',
        'oxygen, o2, concentrator, home oxygen',
    ],
    [
        'Breathing aid at night', 'medical', 120, [30, 60, 110], [30, 60, 110], 0.9, 'must',
        'cpap, bipap, apap, sleep apnea, breathing machine',
    ],
    [
        'Hospital bed', 'medical', 120, [60, 150, 400], [120, 300, 800], 0.85, 'must',
        'adjustable bed, medical bed, air mattress',
    ],
    [
        'Refrigerator', 'refrigeration', 120, [90, 160, 260], [600, 1000, 1600], 0.85, 'must',
        'fridge, refrig, icebox, refer, frig, kitchen fridge, ref',
    ],
    [
        'Refrigerator, inverter compressor', 'refrigeration', 120, [50, 95, 160], [90, 180, 320], 0.95, 'must',
        'inverter fridge, inverter refrigerator, new fridge',
    ],
    [
        'Chest freezer', 'refrigeration', 120, [80, 130, 220], [500, 850, 1400], 0.85, 'must',
        'freezer, deep freeze, deep freezer',
    ],
    [
        'Upright freezer', 'refrigeration', 120, [100, 180, 300], [650, 1100, 1700], 0.85, 'must',
        'standing freezer, garage freezer',
    ],
    [
        'Walk-in cooler', 'refrigeration', 240, [900, 1500, 2600], [3200, 5600, 9500], 0.85, 'must',
        'walk in, cold room, cooler, cold storage',
    ],
    [
        'Ice maker', 'refrigeration', 120, [250, 450, 800], [900, 1700, 2800], 0.85, 'room',
        'ice machine',
    ],
    [
        'Milk cooler compressor', 'compressor', 240, [1500, 2300, 3800], [5200, 8200, 13500], 0.86, 'must',
        'milk cooler, bulk tank, milk tank, milk chiller',
    ],
    [
        'Sump pump, 1/3 hp', 'pump', 120, [350, 480, 650], [1200, 1700, 2400], 0.82, 'must',
        'sump, sump pump, basement pump',
    ],
    [
        'Sump pump, 1/2 hp', 'pump', 120, [550, 750, 950], [1900, 2700, 3800], 0.82, 'must',
        'large sump pump',
    ],
    [
        'Sewage ejector pump', 'pump', 120, [700, 950, 1250], [2500, 3500, 4800], 0.82, 'must',
        'septic, septic pump, sewage pump, ejector, grinder pump, lift pump, effluent pump, lift station',
    ],
    [
        'Well pump, 1/2 hp', 'pump', 240, [600, 800, 1000], [2200, 3100, 4200], 0.82, 'must',
        'small well pump',
    ],
    [
        'Well pump, 3/4 hp', 'pump', 240, [850, 1150, 1400], [3100, 4300, 5700], 0.83, 'must',
        'medium well pump',
    ],
    [
        'Well pump, 1 hp', 'pump', 240, [1100, 1450, 1800], [4000, 5500, 7200], 0.84, 'must',
        'well, well pump, water pump, submersible pump, deep well',
    ],
    [
        'Deep well pump, 1 1/2 hp', 'pump', 240, [1600, 2050, 2500], [5600, 7600, 9800], 0.85, 'must',
        'deep well pump',
    ],
    [
        'Well pump, 2 hp', 'pump', 240, [2100, 2700, 3200], [7200, 9600, 12500], 0.85, 'must',
        'large well pump',
    ],
    [
        'Booster pump', 'pump', 120, [400, 700, 1100], [1300, 2300, 3600], 0.83, 'must',
        'pressure pump, jet pump, booster',
    ],
    [
        'Pool pump, single speed', 'pump', 240, [1100, 1600, 2300], [3800, 5600, 8200], 0.84, 'off',
        'pool pump, pool, spa pump, pool filter',
    ],
    [
        'Aquarium pumps and lights', 'pump', 120, [150, 380, 800], [220, 560, 1200], 0.9, 'must',
        'aquarium, fish tank, reef tank, marine tank',
    ],
    [
        'Vacuum pump, milking', 'pump', 240, [800, 1150, 1900], [2700, 4000, 6600], 0.85, 'must',
        'vacuum pump, milking pump, milker, milking machine',
    ],
    [
        'Gas furnace blower', 'fan', 120, [350, 600, 900], [900, 1700, 2600], 0.85, 'must',
        'furnace, gas furnace, blower, heater fan, hvac, fau, forced air, air handler gas, heat',
    ],
    [
        'Gas furnace, variable-speed blower', 'fan', 120, [150, 350, 700], [250, 500, 1000], 0.9, 'must',
        'ecm furnace, variable speed furnace, modulating furnace',
    ],
    [
        'Attic or barn fan', 'fan', 120, [150, 300, 600], [450, 900, 1800], 0.85, 'room',
        'attic fan, barn fan, whole house fan, exhaust fan, ventilation fan',
    ],
    [
        'Bath and kitchen fans', 'fan', 120, [30, 80, 200], [60, 180, 450], 0.85, 'room',
        'bath fan, bathroom fan, range hood, hood, hood fan, vent fan',
    ],
    [
        'Oil boiler with circulators', 'boiler', 120, [220, 350, 550], [650, 1000, 1600], 0.85, 'must',
        'oil boiler, oil burner, oil furnace, burner',
    ],
    [
        'Gas boiler with circulators', 'boiler', 120, [120, 240, 400], [300, 600, 1000], 0.88, 'must',
        'boiler, gas boiler, hydronic heat, heating boiler, combi boiler',
    ],
    [
        'Pellet stove', 'boiler', 120, [120, 250, 420], [300, 500, 800], 0.9, 'must',
        'pellet, wood pellet, wood stove blower',
    ],
    [
        'Central air conditioner, 2 ton', 'compressor', 240, [1700, 2200, 2800], [7500, 10500, 14500], 0.9, 'off',
        'small central air',
    ],
    [
        'Central air conditioner, 3 ton', 'compressor', 240, [2500, 3200, 4000], [10500, 14500, 20000], 0.9, 'off',
        'ac, a/c, air conditioner, air conditioning, central air, central air conditioner, central ac, condenser, condensing unit, '
            .'compressor outside, cooling, ac unit',
    ],
    [
        'Central air conditioner, 4 ton', 'compressor', 240, [3300, 4200, 5200], [14000, 19000, 26000], 0.9, 'off',
        'large central air',
    ],
    [
        'Heat pump, ductless, one room', 'compressor', 240, [500, 900, 1600], [600, 1100, 2000], 0.95, 'room',
        'mini split, minisplit, ductless, split system, split ac',
    ],
    [
        'Window air conditioner', 'compressor', 120, [500, 900, 1400], [1500, 2800, 4400], 0.88, 'room',
        'ac, a/c, window ac, window unit, room air conditioner, portable ac, air conditioner',
    ],
    [
        'Dehumidifier', 'compressor', 120, [300, 500, 750], [900, 1500, 2300], 0.85, 'room',
        'dehumid, crawl space dehumidifier',
    ],
    [
        'Space heater', 'electric heat', 120, [750, 1500, 1500], [750, 1500, 1500], 1.0, 'off',
        'portable heater, electric heater, plug-in heater',
    ],
    [
        'Baseboard heat, one room', 'electric heat', 240, [500, 1000, 2000], [500, 1000, 2000], 1.0, 'off',
        'baseboard, electric heat, wall heater, resistance heat, baseboard heater',
    ],
    [
        'Heat lamps', 'electric heat', 120, [250, 500, 1000], [250, 500, 1000], 1.0, 'room',
        'brooder, heat lamp, poultry lamp',
    ],
    [
        'Water heater, electric', 'water heating', 240, [3500, 4500, 5500], [3500, 4500, 5500], 1.0, 'off',
        'water heater, hot water, hot water heater, hot water tank, wh, hwh, dhw, hwt',
    ],
    [
        'Water heater, heat pump', 'water heating', 240, [400, 550, 900], [900, 1500, 2400], 0.9, 'room',
        'heat pump water heater, hybrid water heater, hpwh',
    ],
    [
        'Gas water heater, power vent', 'water heating', 120, [60, 110, 220], [150, 350, 700], 0.85, 'must',
        'gas water heater, power vent, water heater, hot water, tankless gas',
    ],
    [
        'Range', 'cooking', 240, [2500, 5000, 9000], [2500, 5000, 9000], 1.0, 'off',
        'stove, oven, electric range, electric stove, cooktop and oven, cooker',
    ],
    [
        'Microwave oven', 'cooking', 120, [900, 1300, 1700], [900, 1500, 2000], 0.95, 'room',
        'microwave, micro, micro-wave',
    ],
    [
        'Coffee maker', 'cooking', 120, [600, 900, 1400], [600, 900, 1400], 1.0, 'room',
        'coffee, coffee machine, espresso, percolator',
    ],
    [
        'Dishwasher', 'laundry', 120, [300, 900, 1400], [600, 1300, 1900], 0.95, 'off',
        'dish washer, dw, d/w, dishw',
    ],
    [
        'Clothes washer', 'laundry', 120, [300, 500, 900], [700, 1300, 2200], 0.85, 'room',
        'washer, washing machine, laundry, clothes washer',
    ],
    [
        'Dryer, electric', 'laundry', 240, [3500, 5000, 5800], [4200, 6000, 7200], 0.98, 'off',
        'dryer, clothes dryer, tumble dryer, electric dryer',
    ],
    [
        'Dryer, gas', 'laundry', 120, [300, 500, 700], [900, 1500, 2200], 0.85, 'room',
        'gas dryer, dryer',
    ],
    [
        'Garage door opener', 'tool', 120, [250, 450, 800], [600, 1100, 1900], 0.85, 'must',
        'garage door, door opener, overhead door, gdo',
    ],
    [
        'Bench tools', 'tool', 120, [500, 1100, 1700], [1300, 3000, 4800], 0.88, 'room',
        'power tools, workshop, saw, table saw, shop, tools',
    ],
    [
        'Air compressor', 'tool', 240, [1300, 2300, 3800], [4800, 8500, 14000], 0.85, 'off',
        'shop compressor, compressor',
    ],
    [
        'Car charger, 32 A', 'charger', 240, [3300, 7700, 7700], [3300, 7700, 7700], 0.99, 'off',
        'ev, ev charger, car charger, evse, electric vehicle, car charging, charging station, vehicle charger',
    ],
    [
        'Outlets, bathroom', 'outlets', 120, [50, 200, 1500], [50, 200, 1500], 1.0, 'room',
        'bath, bathroom, bath gfci, bath outlets, vanity, powder room',
    ],
    [
        'Outlets, basement', 'outlets', 120, [40, 150, 800], [40, 250, 1500], 0.95, 'room',
        'basement, cellar, basement outlets, crawl space',
    ],
    [
        'Outlets, outside', 'outlets', 120, [20, 100, 1200], [20, 150, 2000], 0.95, 'off',
        'outside outlets, outdoor outlets, exterior outlets, patio, deck, porch outlets, yard outlets',
    ],
    [
        'Outlets, dining room', 'outlets', 120, [40, 120, 600], [40, 120, 600], 0.95, 'room',
        'dining, dining room, dinette, breakfast nook',
    ],
    [
        'Ceiling fan', 'fan', 120, [20, 60, 100], [40, 110, 200], 0.85, 'room',
        'ceiling fans, paddle fan',
    ],
    [
        'Box or floor fan', 'fan', 120, [40, 80, 150], [90, 180, 350], 0.85, 'room',
        'fan, fans, box fan, floor fan, portable fan',
    ],
    [
        'Smoke and carbon monoxide alarms', 'electronics', 120, [2, 6, 15], [2, 6, 15], 0.9, 'must',
        'smoke, smoke detectors, smoke alarms, co alarm, smokes, fire alarm, detectors',
    ],
    [
        'Doorbell and intercom', 'electronics', 120, [5, 15, 40], [5, 15, 40], 0.9, 'room',
        'doorbell, door bell, intercom, chime, bell',
    ],
    [
        'Thermostat and controls', 'electronics', 120, [3, 8, 20], [3, 8, 20], 0.9, 'must',
        'thermostat, controls, zone valves, control transformer, zone controller',
    ],
    [
        'Sound system', 'electronics', 120, [40, 120, 400], [40, 120, 400], 0.95, 'off',
        'stereo, audio, amplifier, speakers, receiver, sound',
    ],
    [
        'Game console', 'electronics', 120, [60, 150, 220], [60, 150, 220], 0.95, 'off',
        'gaming, console, video games',
    ],
    [
        'Printer', 'electronics', 120, [15, 300, 700], [15, 600, 1200], 0.95, 'off',
        'laser printer, copier, printers',
    ],
    [
        'Small server and network cabinet', 'electronics', 120, [150, 350, 800], [150, 350, 800], 0.95, 'must',
        'server, rack, network closet, data closet, nas, it closet',
    ],
    [
        'Cash register and card reader', 'electronics', 120, [30, 80, 180], [30, 80, 180], 0.95, 'must',
        'pos, point of sale, register, cash register, card reader',
    ],
    [
        'Cordless phone base', 'electronics', 120, [3, 6, 12], [3, 6, 12], 0.9, 'must',
        'telephone, landline, phone base, cordless phone',
    ],
    [
        'Nebulizer', 'medical', 120, [60, 120, 200], [120, 260, 450], 0.85, 'must',
        'inhaler compressor, breathing treatment',
    ],
    [
        'Home dialysis machine', 'medical', 120, [600, 1000, 1500], [800, 1400, 2000], 0.95, 'must',
        'dialysis, kidney machine, peritoneal',
    ],
    [
        'Ventilator', 'medical', 120, [80, 180, 350], [120, 260, 500], 0.9, 'must',
        'vent machine, respirator, life support',
    ],
    [
        'Stair lift', 'medical', 120, [150, 400, 700], [400, 1000, 1800], 0.85, 'must',
        'stairlift, chair lift, stair chair',
    ],
    [
        'Wheelchair charger', 'medical', 120, [100, 200, 400], [100, 200, 400], 0.95, 'must',
        'scooter charger, mobility charger, power chair',
    ],
    [
        'Medicine refrigerator', 'medical', 120, [40, 80, 140], [250, 500, 900], 0.85, 'must',
        'medication fridge, insulin fridge, vaccine fridge, medical fridge',
    ],
    [
        'Suction machine', 'medical', 120, [60, 120, 220], [150, 300, 600], 0.85, 'must',
        'aspirator, suction pump',
    ],
    [
        'Wine cooler', 'refrigeration', 120, [50, 90, 150], [150, 400, 800], 0.85, 'off',
        'wine fridge, wine refrigerator, beverage cooler',
    ],
    [
        'Second refrigerator', 'refrigeration', 120, [90, 160, 260], [600, 1000, 1600], 0.85, 'room',
        'garage fridge, beer fridge, spare fridge, basement fridge, garage refrigerator',
    ],
    [
        'Walk-in freezer', 'refrigeration', 240, [1200, 2000, 3400], [4200, 7200, 12000], 0.85, 'must',
        'freezer room, commercial freezer',
    ],
    [
        'Reach-in cooler, glass door', 'refrigeration', 120, [300, 500, 850], [1100, 2000, 3300], 0.85, 'must',
        'display cooler, glass door cooler, drink cooler, reach in',
    ],
    [
        'Effluent filter alarm', 'electronics', 120, [3, 8, 20], [3, 8, 20], 0.9, 'must',
        'septic alarm, high water alarm, float alarm, pump alarm',
    ],
    [
        'Septic air pump', 'pump', 120, [60, 110, 200], [120, 250, 450], 0.85, 'must',
        'aerator, septic aerator, aerobic system, treatment blower',
    ],
    [
        'Grinder pump, 2 hp', 'pump', 240, [1700, 2300, 2900], [6000, 8600, 11500], 0.85, 'must',
        'sewage grinder, large grinder pump',
    ],
    [
        'Circulator pump', 'pump', 120, [40, 85, 160], [80, 180, 350], 0.85, 'must',
        'circulator, circ pump, recirculation pump, recirc, heating pump, zone pump',
    ],
    [
        'Condensate pump', 'pump', 120, [30, 75, 120], [80, 180, 300], 0.82, 'must',
        'condensate',
    ],
    [
        'Irrigation pump, 2 hp', 'pump', 240, [2000, 2600, 3200], [7000, 9500, 12500], 0.85, 'off',
        'irrigation, sprinkler pump, sprinklers, lake pump, irrigation pump',
    ],
    [
        'Pool pump, variable speed', 'pump', 240, [150, 500, 1800], [200, 600, 2000], 0.95, 'off',
        'variable speed pool pump, vs pool pump',
    ],
    [
        'Hot tub', 'electric heat', 240, [1500, 4500, 7500], [3000, 6000, 9500], 0.97, 'off',
        'spa, hottub, jetted tub',
    ],
    [
        'Pond or fountain pump', 'pump', 120, [40, 120, 400], [90, 300, 1000], 0.85, 'off',
        'pond, fountain, koi pond, water feature',
    ],
    [
        'Livestock water heater', 'electric heat', 120, [250, 750, 1500], [250, 750, 1500], 1.0, 'room',
        'stock tank heater, tank heater, water trough heater, bucket heater, stock water heater',
    ],
    [
        'Electric fence', 'other', 120, [5, 15, 40], [5, 15, 40], 0.9, 'must',
        'fence charger, fencer, fence energizer',
    ],
    [
        'Milk pump', 'pump', 120, [350, 600, 900], [1200, 2100, 3200], 0.83, 'must',
        'transfer pump, milk transfer',
    ],
    [
        'Egg incubator', 'electric heat', 120, [100, 250, 600], [100, 250, 600], 1.0, 'must',
        'incubator, hatcher',
    ],
    [
        'Grain auger', 'tool', 240, [1500, 2400, 4000], [5500, 9000, 15000], 0.85, 'off',
        'auger, feed auger, conveyor, feed mixer',
    ],
    [
        'Air handler, heat pump', 'fan', 240, [300, 550, 900], [500, 1100, 2200], 0.88, 'room',
        'air handler, ahu, fan coil, blower coil',
    ],
    [
        'Electric furnace strips', 'electric heat', 240, [5000, 10000, 20000], [5300, 10500, 20500], 1.0, 'off',
        'electric furnace, heat strips, aux heat, auxiliary heat, emergency heat, strip heat',
    ],
    [
        'Heat pump, 2 ton', 'compressor', 240, [1700, 2200, 2900], [7500, 10500, 14500], 0.9, 'off',
        'small heat pump',
    ],
    [
        'Heat pump, 3 ton', 'compressor', 240, [2500, 3200, 4200], [10500, 14500, 20000], 0.9, 'off',
        'heat pump, hp outside, heat pump condenser',
    ],
    [
        'Heat pump, 4 ton', 'compressor', 240, [3300, 4300, 5400], [14000, 19000, 26000], 0.9, 'off',
        'large heat pump',
    ],
    [
        'Geothermal heat pump, 3 ton', 'compressor', 240, [2000, 2700, 3600], [6500, 10500, 16000], 0.9, 'off',
        'geothermal, ground source, geo',
    ],
    [
        'Heat pump, ductless, several rooms', 'compressor', 240, [900, 1800, 3500], [1100, 2200, 4200], 0.95, 'room',
        'multi split, multi-zone mini split, ductless multi',
    ],
    [
        'Humidifier', 'electric heat', 120, [30, 250, 1400], [30, 250, 1400], 1.0, 'off',
        'whole house humidifier, steam humidifier',
    ],
    [
        'Energy recovery ventilator', 'fan', 120, [40, 110, 250], [80, 230, 500], 0.85, 'room',
        'erv, hrv, heat recovery ventilator, fresh air',
    ],
    [
        'Radon fan', 'fan', 120, [20, 60, 130], [40, 130, 280], 0.85, 'room',
        'radon, radon mitigation',
    ],
    [
        'Electric fireplace', 'electric heat', 120, [200, 1400, 1500], [200, 1400, 1500], 1.0, 'off',
        'fireplace, fireplace heater',
    ],
    [
        'Gas fireplace blower', 'fan', 120, [30, 80, 160], [60, 180, 400], 0.85, 'room',
        'gas fireplace, fireplace blower, insert blower, gas log',
    ],
    [
        'Floor heat, one room', 'electric heat', 120, [150, 500, 1200], [150, 500, 1200], 1.0, 'off',
        'radiant floor, heated floor, floor warming, towel warmer, bath floor heat',
    ],
    [
        'Roof and pipe heat cable', 'electric heat', 120, [100, 400, 1200], [100, 400, 1200], 1.0, 'room',
        'heat tape, heat cable, heat trace, pipe heat, gutter heat, de-icing',
    ],
    [
        'Engine block heater', 'electric heat', 120, [400, 750, 1500], [400, 750, 1500], 1.0, 'off',
        'block heater, truck heater',
    ],
    [
        'Sauna', 'electric heat', 240, [3000, 6000, 9000], [3000, 6000, 9000], 1.0, 'off',
        'sauna heater, steam room, steam shower',
    ],
    [
        'Water heater, tankless electric', 'water heating', 240, [7000, 18000, 27000], [7000, 18000, 27000], 1.0, 'off',
        'tankless, tankless electric, instant hot water, on demand water heater',
    ],
    [
        'Water heater, tankless gas', 'water heating', 120, [40, 80, 150], [60, 150, 300], 0.9, 'must',
        'gas tankless, tankless water heater, on demand gas',
    ],
    [
        'Water softener', 'electronics', 120, [3, 8, 40], [3, 8, 40], 0.9, 'room',
        'softener, water treatment, water filter, uv light, uv lamp, conditioner',
    ],
    [
        'Instant hot water tap', 'water heating', 120, [500, 750, 1300], [500, 750, 1300], 1.0, 'off',
        'hot water dispenser, insta hot, hot tap',
    ],
    [
        'Cooktop', 'cooking', 240, [1800, 4000, 7500], [1800, 4000, 7500], 1.0, 'off',
        'cook top, electric cooktop, hob, glass top',
    ],
    [
        'Induction cooktop', 'cooking', 240, [1500, 3600, 7400], [1500, 3600, 7400], 0.97, 'off',
        'induction, induction range',
    ],
    [
        'Wall oven', 'cooking', 240, [2000, 3500, 5000], [2000, 3500, 5000], 1.0, 'off',
        'wall ovens, built-in oven',
    ],
    [
        'Double wall oven', 'cooking', 240, [4000, 6500, 9000], [4000, 6500, 9000], 1.0, 'off',
        'double oven, double ovens',
    ],
    [
        'Gas range, ignition and light', 'cooking', 120, [10, 60, 400], [10, 60, 400], 1.0, 'room',
        'gas range, gas stove, gas cooktop, igniter',
    ],
    [
        'Toaster', 'cooking', 120, [700, 1000, 1500], [700, 1000, 1500], 1.0, 'off',
        'toast, toaster oven, bagel',
    ],
    [
        'Electric kettle', 'cooking', 120, [1000, 1500, 1800], [1000, 1500, 1800], 1.0, 'off',
        'kettle, tea kettle, water kettle',
    ],
    [
        'Slow cooker', 'cooking', 120, [100, 220, 350], [100, 220, 350], 1.0, 'room',
        'rice cooker, multi cooker',
    ],
    [
        'Electric skillet or griddle', 'cooking', 120, [1000, 1300, 1500], [1000, 1300, 1500], 1.0, 'off',
        'griddle, skillet, hot plate, hotplate, frying pan, waffle',
    ],
    [
        'Blender or mixer', 'cooking', 120, [250, 450, 900], [500, 1100, 2200], 0.85, 'off',
        'blender, mixer, food processor, stand mixer',
    ],
    [
        'Garbage disposal', 'tool', 120, [350, 600, 900], [1000, 1900, 3000], 0.82, 'off',
        'disposal, disposer, garbage disposer, disp',
    ],
    [
        'Trash compactor', 'tool', 120, [300, 450, 700], [900, 1500, 2400], 0.82, 'off',
        'compactor',
    ],
    [
        'Iron', 'cooking', 120, [1000, 1300, 1800], [1000, 1300, 1800], 1.0, 'off',
        'clothes iron, ironing, steam iron',
    ],
    [
        'Hair dryer', 'electric heat', 120, [900, 1500, 1875], [900, 1500, 1875], 1.0, 'off',
        'blow dryer, hairdryer, curling iron',
    ],
    [
        'Vacuum cleaner', 'tool', 120, [500, 1000, 1400], [900, 2000, 3200], 0.9, 'off',
        'vacuum, vac, shop vac',
    ],
    [
        'Central vacuum', 'tool', 120, [1000, 1500, 1900], [2500, 4200, 6500], 0.9, 'off',
        'central vac, built-in vacuum',
    ],
    [
        'Dryer, heat pump', 'laundry', 120, [500, 800, 1200], [1000, 1800, 2900], 0.9, 'off',
        'heat pump dryer, ventless dryer',
    ],
    [
        'Washer and dryer, stacked, gas', 'laundry', 120, [500, 900, 1500], [1500, 2600, 4000], 0.85, 'off',
        'stacked laundry, laundry center',
    ],
    [
        'Welder', 'tool', 240, [3000, 6000, 11000], [3500, 7000, 13000], 0.8, 'off',
        'arc welder, mig, tig, welding, welder outlet',
    ],
    [
        'Table saw, 240 V', 'tool', 240, [1800, 2700, 4000], [6500, 10500, 16000], 0.85, 'off',
        'cabinet saw, planer, jointer, lathe, mill',
    ],
    [
        'Dust collector', 'tool', 240, [1100, 1800, 3000], [4000, 7000, 12000], 0.85, 'off',
        'dust collection, dust extractor',
    ],
    [
        'Battery tool charger', 'charger', 120, [60, 150, 400], [60, 150, 400], 0.95, 'room',
        'tool charger, battery charger, trickle charger, battery maintainer',
    ],
    [
        'Car lift', 'tool', 240, [1500, 2200, 3200], [5200, 8200, 12500], 0.85, 'off',
        'auto lift, vehicle lift, two post lift',
    ],
    [
        'Car charger, 120 V', 'charger', 120, [700, 1400, 1900], [700, 1400, 1900], 0.99, 'off',
        'ev, ev charger, level 1, ev outlet, car charger, slow car charger',
    ],
    [
        'Car charger, 48 A', 'charger', 240, [5800, 11500, 11500], [5800, 11500, 11500], 0.99, 'off',
        'fast car charger, 60 amp ev, level 2 fast, wall charger',
    ],
    [
        'Elevator, residential', 'tool', 240, [1800, 3000, 5000], [5500, 9500, 16000], 0.85, 'off',
        'elevator, lift, home elevator, dumbwaiter',
    ],
    [
        'Gate operator', 'tool', 120, [50, 200, 500], [150, 500, 1300], 0.85, 'must',
        'gate, gate opener, driveway gate, electric gate',
    ],
    [
        'Boat lift', 'tool', 240, [800, 1200, 2000], [2800, 4300, 7200], 0.85, 'off',
        'boat hoist, dock lift, dock',
    ],
    [
        'RV or trailer outlet', 'outlets', 120, [100, 900, 3600], [200, 2400, 5000], 0.95, 'off',
        'rv, camper, rv outlet, trailer, motorhome',
    ],
    [
        'Snow melt mat', 'electric heat', 240, [1500, 4000, 9000], [1500, 4000, 9000], 1.0, 'off',
        'snow melt, driveway heat, heated driveway, walkway heat',
    ],
    [
        'Grow lights', 'lighting', 120, [100, 400, 1000], [100, 400, 1000], 0.95, 'off',
        'grow light, plant lights, greenhouse lights',
    ],
    [
        'Greenhouse fan and heater', 'fan', 120, [150, 500, 1500], [300, 900, 2200], 0.9, 'room',
        'greenhouse',
    ],
    [
        'Emergency and exit lights', 'lighting', 120, [5, 20, 60], [5, 20, 60], 0.9, 'must',
        'exit lights, exit signs, egress lights, emergency lights',
    ],
    [
        'Stair and hall lights', 'lighting', 120, [15, 40, 100], [15, 40, 100], 0.95, 'must',
        'stairs, stairway, hallway, hall, entry, foyer, closet lights',
    ],
    [
        'Kitchen lights', 'lighting', 120, [20, 60, 180], [20, 60, 180], 0.95, 'must',
        'kitchen light, kitchen lighting, under cabinet lights',
    ],
    [
        'Bathroom lights', 'lighting', 120, [15, 45, 120], [15, 45, 120], 0.95, 'must',
        'bath light, bath lights, bathroom light, vanity lights',
    ],
];
