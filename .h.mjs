// core/elementary/index.ts
import exp from "@stdlib/math-base-special-exp";
import ln from "@stdlib/math-base-special-ln";
import pow from "@stdlib/math-base-special-pow";

// core/elementary/integer-power.ts
function integerPower(base, exponent) {
  let square = exponent < 0 ? 1 / base : base;
  let left = exponent < 0 ? -exponent : exponent;
  let product = 1;
  while (left > 0) {
    if (left & 1) product *= square;
    square *= square;
    left >>= 1;
  }
  return product;
}

// core/elementary/root.ts
function falsePosition(value, low, high, close) {
  let [a, valueA] = low;
  let [b, valueB] = high;
  if (valueA >= 0) return a;
  if (valueB <= 0) return b;
  let kept = 0;
  for (let i = 0; i < 60; i++) {
    const middle = a + (b - a) * valueA / (valueA - valueB);
    if (!(middle > Math.min(a, b) && middle < Math.max(a, b)) || Math.abs(b - a) < 1e-13 * Math.abs(b)) break;
    const error = value(middle);
    if (Math.abs(error) <= close) return middle;
    if (error < 0) {
      a = middle;
      valueA = error;
      if (kept === 1) valueB *= 0.5;
      kept = 1;
    } else {
      b = middle;
      valueB = error;
      if (kept === -1) valueA *= 0.5;
      kept = -1;
    }
  }
  return kept === 1 ? a : b;
}
function halving(below, low, high, turns) {
  let [a, b] = [low, high];
  for (let i = 0; i < turns; i++) {
    const middle = (a + b) / 2;
    if (below(middle)) a = middle;
    else b = middle;
  }
  return (a + b) / 2;
}

// core/elementary/cubic-table.ts
var CubicTable = class {
  constructor(of3, from, to, intervals) {
    this.from = from;
    this.to = to;
    this.intervals = intervals;
    const step = (to - from) / intervals;
    const nudge = step * 1e-3;
    this.perStep = 1 / step;
    this.values = new Float64Array(intervals + 1);
    this.slopes = new Float64Array(intervals + 1);
    for (let i = 0; i <= intervals; i++) {
      const x = from + i * step;
      const left = i === 0 ? x : x - nudge;
      const right = i === intervals ? x : x + nudge;
      this.values[i] = of3(x);
      this.slopes[i] = (of3(right) - of3(left)) / (right - left) * step;
    }
  }
  from;
  to;
  intervals;
  values;
  slopes;
  perStep;
  at(x) {
    const place = (x - this.from) * this.perStep;
    if (!(place > 0)) return this.values[0];
    if (place >= this.intervals) return this.values[this.intervals];
    const i = place | 0;
    const s = place - i;
    const y0 = this.values[i];
    const y1 = this.values[i + 1];
    const m0 = this.slopes[i];
    const m1 = this.slopes[i + 1];
    const rise = y1 - y0;
    return y0 + s * (m0 + s * (3 * rise - 2 * m0 - m1 + s * (m0 + m1 - 2 * rise)));
  }
};

// core/elementary/cube-root.ts
function cubeRoot(x, guess = 1) {
  let root = guess > 0 ? guess : 1;
  for (let i = 0; i < 60; i++) {
    const next2 = (2 * root + x / (root * root)) / 3;
    if (Math.abs(next2 - root) <= 1e-15 * next2) return next2;
    root = next2;
  }
  return root;
}

// core/units/require-range.ts
function requireRange(name, given, least, most, unit) {
  if (!(given >= least && given <= most)) {
    throw new RangeError(`${name}: ${given} ${unit} is outside ${least} to ${most} ${unit}`);
  }
}

// core/substances/if97-coefficients.ts
var WATER_GAS_CONSTANT = 461.526;
var REGION_1 = [
  [0, -2, 0.14632971213167],
  [0, -1, -0.84548187169114],
  [0, 0, -3.756360367204],
  [0, 1, 3.3855169168385],
  [0, 2, -0.95791963387872],
  [0, 3, 0.15772038513228],
  [0, 4, -0.016616417199501],
  [0, 5, 81214629983568e-17],
  [1, -9, 28319080123804e-17],
  [1, -7, -60706301565874e-17],
  [1, -1, -0.018990068218419],
  [1, 0, -0.032529748770505],
  [1, 1, -0.021841717175414],
  [1, 3, -5283835796993e-17],
  [2, -3, -47184321073267e-17],
  [2, 0, -30001780793026e-17],
  [2, 1, 47661393906987e-18],
  [2, 3, -44141845330846e-19],
  [2, 17, -72694996297594e-29],
  [3, -4, -31679644845054e-18],
  [3, 0, -28270797985312e-19],
  [3, 6, -85205128120103e-23],
  [4, -5, -22425281908e-16],
  [4, -2, -65171222895601e-20],
  [4, 10, -14341729937924e-26],
  [5, -8, -40516996860117e-20],
  [8, -11, -12734301741641e-22],
  [8, -6, -17424871230634e-23],
  [21, -29, -68762131295531e-32],
  [23, -31, 14478307828521e-33],
  [29, -38, 26335781662795e-36],
  [30, -39, -11947622640071e-36],
  [31, -40, 18228094581404e-37],
  [32, -41, -93537087292458e-39]
];
var REGION_4 = [
  1167.0521452767,
  -724213.16703206,
  -17.073846940092,
  12020.82470247,
  -32325550322333e-7,
  14.91510861353,
  -4823.2657361591,
  405113.40542057,
  -0.23855557567849,
  650.17534844798
];

// core/substances/water.ts
var [n1, n2, n3, n4, n5, n6, n7, n8, n9, n10] = REGION_4;
function saturationPressure(temperature) {
  if (!(temperature >= 273.15 && temperature <= 647.096)) requireRange("temperature", temperature, 273.15, 647.096, "K");
  const theta = temperature + n9 / (temperature - n10);
  const a = (theta + n1) * theta + n2;
  const b = (n3 * theta + n4) * theta + n5;
  const c = (n6 * theta + n7) * theta + n8;
  const root = 2 * c / (-b + Math.sqrt(b * b - 4 * a * c));
  const square = root * root;
  return square * square * 1e6;
}
function saturationTemperature(pressure) {
  requireRange("pressure", pressure, 611.212677, 22064e3, "Pa");
  const beta = Math.sqrt(Math.sqrt(pressure * 1e-6));
  const e = (beta + n3) * beta + n6;
  const f = (n1 * beta + n4) * beta + n7;
  const g = (n2 * beta + n5) * beta + n8;
  const d = 2 * g / (-f - Math.sqrt(f * f - 4 * e * g));
  const sum = n10 + d;
  return (sum - Math.sqrt(sum * sum - 4 * (n9 + n10 * d))) / 2;
}
function liquidWater(temperature, pressure) {
  requireRange("temperature", temperature, 273.15, 623.15, "K");
  requireRange("pressure", pressure, 0, 1e8, "Pa");
  const reducedPressure = pressure / 1653e4;
  const inverseTemperature = 1386 / temperature;
  let byPressure = 0;
  let byTemperature = 0;
  for (const [i, j, n] of REGION_1) {
    const p = 7.1 - reducedPressure;
    const t = inverseTemperature - 1.222;
    if (i !== 0) byPressure -= n * i * integerPower(p, i - 1) * integerPower(t, j);
    if (j !== 0) byTemperature += n * integerPower(p, i) * j * integerPower(t, j - 1);
  }
  return {
    specificVolume: byPressure * WATER_GAS_CONSTANT * temperature / 1653e4,
    enthalpy: inverseTemperature * byTemperature * WATER_GAS_CONSTANT * temperature
  };
}
function liquidDensity(temperature) {
  return 1 / liquidWater(temperature, Math.max(saturationPressure(temperature), 101325)).specificVolume;
}

// core/substances/water-transport.ts
var LIQUID_SPECIFIC_HEAT = 4190;
var VAPOUR_SPECIFIC_HEAT = 2e3;
var ICE_FUSION_HEAT = 334e3;
var WATER_MOLAR_MASS = 0.018015257;
var CONDENSATE = {
  /** kg/m3 */
  density: 965,
  /** W/(m K) */
  conductivity: 0.674,
  /** Pa s */
  viscosity: 33e-5
};
var BATH_WATER = {
  /** W/(m K) */
  conductivity: 0.61,
  /** m2/s */
  kinematicViscosity: 86e-8,
  /** m2/s */
  diffusivity: 147e-9,
  /** 1/K */
  expansion: 3e-4,
  /** dimensionless */
  prandtl: 5.8
};
var GRAVITY = 9.80665;

// core/substances/ice.ts
var TRIPLE_TEMPERATURE = 273.16;
var TRIPLE_PRESSURE = 611.657;
var TERMS = [
  [-21.2144006, 0.00333333333],
  [27.3203819, 1.20666667],
  [-6.1059813, 1.70333333]
];
function sublimationPressure(temperature) {
  requireRange("temperature", temperature, 50, TRIPLE_TEMPERATURE, "K");
  const theta = temperature / TRIPLE_TEMPERATURE;
  return TRIPLE_PRESSURE * exp(TERMS.reduce((sum, [a, b]) => sum + a * pow(theta, b), 0) / theta);
}

// core/substances/steam-tables.ts
var TABLE_COLDEST = 223.15;
var TABLE_HOTTEST = 450;
var TRIPLE = 273.16;
var waterPressures = new CubicTable(saturationPressure, TRIPLE, TABLE_HOTTEST, 512);
var icePressures = new CubicTable(sublimationPressure, TABLE_COLDEST, TRIPLE, 256);
var fourthRoot = (pressure) => Math.sqrt(Math.sqrt(pressure));
var tripleRoot = fourthRoot(saturationPressure(TRIPLE));
var waterTemperatures = new CubicTable(
  (root) => {
    const square = root * root;
    return saturationTemperature(Math.max(square * square, 611.212677));
  },
  tripleRoot,
  fourthRoot(saturationPressure(TABLE_HOTTEST)),
  512
);
var iceTemperatures = new CubicTable(
  (root) => {
    const square = root * root;
    return halving((t) => sublimationPressure(t) < square * square, TABLE_COLDEST, TRIPLE, 50);
  },
  fourthRoot(sublimationPressure(TABLE_COLDEST)),
  tripleRoot,
  256
);
var quickSaturationPressure = (temperature) => temperature < TRIPLE ? icePressures.at(temperature) : waterPressures.at(temperature);
function quickSaturationTemperature(pressure) {
  const root = pressure > 0 ? Math.sqrt(Math.sqrt(pressure)) : 0;
  return root < tripleRoot ? iceTemperatures.at(root) : waterTemperatures.at(root);
}
function quickLatentHeat(temperature) {
  const x = (temperature - 343.15) * 0.01;
  return 233308846e-2 + x * (-247922.594 + x * (-20443.8582 + x * (-13963.4862 - 2068.56636 * x)));
}
function quickLiquidDensity(temperature) {
  const x = (temperature - 343.15) * 0.01;
  return 977.83023 + x * (-57.5073845 + x * (-27.8030105 + x * (9.74281695 - 4.78837275 * x)));
}

// core/mechanisms/bath.ts
var perKilogramOfIce = (temperature) => ICE_FUSION_HEAT + LIQUID_SPECIFIC_HEAT * Math.max(0, temperature - 273.15);
function bathAfter(load) {
  const { temperature, water, ice } = load;
  const heat2 = load.hotMetal * (load.metalTemperature - temperature) + load.hotWater * LIQUID_SPECIFIC_HEAT * (load.waterTemperature - temperature) + load.steam * (quickLatentHeat(load.steamTemperature) + LIQUID_SPECIFIC_HEAT * (load.steamTemperature - temperature));
  const perIce = perKilogramOfIce(temperature);
  const melted = Math.min(ice, Math.max(0, heat2) / perIce);
  const rest = heat2 - melted * perIce;
  const capacity = (water + melted + load.hotWater + load.steam) * LIQUID_SPECIFIC_HEAT + load.hotMetal;
  return { temperature: temperature + rest / capacity, ice: ice - melted };
}

// core/substances/air.ts
var AIR_GAS_CONSTANT = 287.053;
var AIR_MOLAR_MASS = 0.0289644;
var AIR_SPECIFIC_HEAT_CONSTANT_VOLUME = 722;
var GAS_CONSTANT = 8.314462618;
function humidAirDensity(temperature, pressure, relativeHumidity) {
  requireRange("temperature", temperature, 223.15, 373.15, "K");
  requireRange("pressure", pressure, 1e3, 2e5, "Pa");
  requireRange("relative humidity", relativeHumidity, 0, 1, "");
  const vapour = relativeHumidity * (temperature < 273.16 ? sublimationPressure(temperature) : saturationPressure(temperature));
  return (pressure - vapour) / (AIR_GAS_CONSTANT * temperature) + vapour / (WATER_GAS_CONSTANT * temperature);
}
function airViscosity(temperature) {
  requireRange("temperature", temperature, 200, 800, "K");
  return 1458e-9 * temperature * Math.sqrt(temperature) / (temperature + 110.4);
}
function airConductivity(temperature) {
  requireRange("temperature", temperature, 200, 800, "K");
  const ratio = temperature / 273;
  return 0.0241 * ratio * Math.sqrt(ratio) * (273 + 194) / (temperature + 194);
}

// core/substances/solids.ts
var petSoftening = (temperature) => {
  const fallen = 0.04 + 0.96 / (1 + exp((temperature - 349) / 4.5));
  return fallen * (1 - 25e-4 * (temperature - 293));
};
var SOLIDS = {
  aluminium: {
    density: 2720,
    specificHeat: 900,
    conductivity: 162,
    youngsModulus: 69e9,
    poissonRatio: 0.33,
    emissivity: 0.8,
    yieldStrength: 28e7
  },
  steel: {
    density: 7850,
    specificHeat: 480,
    conductivity: 50,
    youngsModulus: 2e11,
    poissonRatio: 0.3,
    emissivity: 0.8,
    yieldStrength: 28e7
  },
  glass: {
    density: 2500,
    specificHeat: 800,
    conductivity: 1.1,
    youngsModulus: 7e10,
    poissonRatio: 0.22,
    emissivity: 0.92
  },
  PET: {
    density: 1370,
    specificHeat: 1200,
    conductivity: 0.2,
    youngsModulus: 28e8,
    poissonRatio: 0.38,
    emissivity: 0.9,
    softening: petSoftening
  }
};
var SOLID_NAMES = Object.keys(SOLIDS);

// core/place/atmosphere.ts
var SEA_LEVEL_PRESSURE = 101325;
var SEA_LEVEL_TEMPERATURE = 288.15;
var LAPSE_RATE = 65e-4;
var EXPONENT = 5.255876;
function standardAtmospherePressure(altitude) {
  requireRange("altitude", altitude, -500, 11e3, "m");
  return SEA_LEVEL_PRESSURE * pow(1 - LAPSE_RATE * altitude / SEA_LEVEL_TEMPERATURE, EXPONENT);
}
function stationPressureFromReport(seaLevelPressure, altitude, outsideTemperature) {
  requireRange("sea-level pressure", seaLevelPressure, 85e3, 11e4, "Pa");
  requireRange("altitude", altitude, -500, 6e3, "m");
  const station = outsideTemperature ?? SEA_LEVEL_TEMPERATURE - LAPSE_RATE * altitude;
  requireRange("outside temperature", station, 220, 325, "K");
  return seaLevelPressure * pow(station / (station + LAPSE_RATE * altitude), EXPONENT);
}

// core/vessels/cylinder.ts
var PI = Math.PI;
var outerSurface = ({ diameter, height }) => PI * diameter * height + PI * diameter * diameter / 2;
var crossSection = (diameter) => PI * diameter * diameter / 4;
var enclosedVolume = ({ diameter, height }) => crossSection(diameter) * height;

// core/vessels/buckling.ts
function vonMisesBuckling(cylinder, solid) {
  const { diameter, height, wallThickness } = cylinder;
  requireRange("wall thickness over diameter", wallThickness / diameter, 1e-5, 0.05, "");
  const { youngsModulus, poissonRatio } = solid;
  const slimness = Math.PI * diameter / 2 / height;
  const thinness = wallThickness / (diameter / 2);
  const plate = thinness * thinness / (12 * (1 - poissonRatio * poissonRatio));
  let least = { pressure: Infinity, lobes: 0 };
  for (let lobes = 2; lobes <= 60; lobes++) {
    const square = lobes * lobes;
    const ratio = 1 + square / (slimness * slimness);
    const membrane = 1 / ((square - 1) * ratio * ratio);
    const bending = plate * (square - 1 + (2 * square - 1 - poissonRatio) / ratio);
    const pressure = youngsModulus * thinness * (membrane + bending);
    if (pressure < least.pressure) least = { pressure, lobes };
    else if (lobes > least.lobes + 3) break;
  }
  return least;
}
var unsupportedLength = (height, spacing, holding) => height - holding * (height - Math.min(spacing, height));

// core/units/quantity.ts
import Qty from "js-quantities";

// core/units/quantity-error.ts
var QuantityError = class extends Error {
};

// core/units/typed-number.ts
var NUMBER = String.raw`\d{1,3}(?:[ '’]\d{3})+(?:[.,]\d+)?|[\d.,]+`;
var DECIMAL = new RegExp(String.raw`^([-+]?(?:${NUMBER})(?:[eE][-+]?\d+)?)(?![\d.,])\s*(.*)$`, "u");

// core/units/quantity.ts
var SI_UNIT = {
  pressure: "Pa",
  temperature: "tempK",
  volume: "m3",
  length: "m",
  mass: "kg",
  time: "s",
  power: "W",
  force: "N",
  speed: "m/s",
  energy: "J",
  fraction: "",
  count: "",
  conductance: "W/m^2*degK",
  area: "m2",
  flow: "m3/s",
  temperatureDifference: "degK",
  impulse: "N*s",
  level: ""
};
var SHOWN_UNITS = {
  pressure: ["hPa", "psi", "kPa", "mbar", "inHg", "mmHg", "atm", "Pa", "bar", "MPa"],
  temperature: ["degC", "degF", "K"],
  volume: ["mL", "floz", "L", "cup", "tbsp", "tsp", "pt", "qt", "gal", "m3", "in3"],
  length: ["cm", "in", "mm", "m", "ft", "mil", "um", "km"],
  mass: ["g", "oz", "kg", "lb", "mg", "gr"],
  time: ["s", "s", "min", "h", "ms"],
  power: ["kW", "BTU/h", "W", "hp"],
  force: ["N", "lbf", "kN"],
  speed: ["m/s", "ft/s", "km/h", "mph"],
  energy: ["kJ", "BTU", "J", "ft lbf", "MJ"],
  fraction: ["%", "%", "1"],
  count: ["1", "1"],
  conductance: ["W/(m2 K)", "BTU/(h ft2 degF)"],
  area: ["cm2", "in2", "mm2", "m2", "ft2"],
  flow: ["L/min", "gal/min", "mL/s", "floz/s", "L/h", "m3/h"],
  temperatureDifference: ["K", "degF", "degC"],
  impulse: ["N s", "lbf s"],
  level: ["dB", "dB"]
};
var SPELLINGS = {
  "\xB0c": "tempC",
  "degc": "tempC",
  "c": "tempC",
  "celsius": "tempC",
  "\xB0f": "tempF",
  "degf": "tempF",
  "f": "tempF",
  "fahrenheit": "tempF",
  "k": "tempK",
  "kelvin": "tempK",
  "fl oz": "floz",
  "fl.oz": "floz",
  "floz": "floz",
  "ml": "ml",
  "l": "l",
  "cc": "cm3",
  "hpa": "hPa",
  "kpa": "kPa",
  "mb": "mbar",
  "\u2033": "in",
  '"': "in",
  "\u2032": "ft",
  "thou": "mil",
  "gr": "grain",
  "um": "um",
  "\xB5m": "um",
  "btu/h": "btu/h",
  "btu/hr": "btu/h",
  "btu": "btu",
  "kw": "kW",
  "w": "W",
  "sec": "s",
  "secs": "s",
  "mins": "min",
  "hr": "h",
  "kmh": "km/h",
  "km/h": "km/h",
  "mph": "mph",
  "1": "",
  "w/(m2 k)": "W/m^2*degK",
  "btu/(h ft2 degf)": "btu/h*ft^2*degF",
  "btu/(h ft2 \xB0f)": "btu/h*ft^2*degF",
  "ft lbf": "ft*lbf",
  "fl oz/s": "floz/s",
  "mj": "MJ",
  "inhg": "inHg",
  "mmhg": "mmHg",
  "lbs": "lb",
  "tsp": "tsp",
  "kj": "kJ",
  "n": "N",
  "kn": "kN",
  "n s": "N*s",
  "lbf s": "lbf*s",
  "mpa": "MPa",
  "l/min": "l/min",
  "ml/s": "ml/s",
  "l/h": "l/h",
  "db": ""
};
var DIFFERENCES = { tempC: "degC", tempF: "degF", tempK: "degK" };
var spelled = (unit, kind2) => {
  const plain = unit.trim().replace("\xB2", "2").replace("\xB3", "3").replaceAll("\xB7", " ");
  const known = SPELLINGS[plain.toLowerCase()] ?? plain;
  return kind2 === "temperatureDifference" ? DIFFERENCES[known] ?? known : known;
};
var LABELS = {
  degC: "\xB0C",
  degF: "\xB0F",
  floz: "fl oz",
  um: "\xB5m",
  in3: "in\xB3",
  m3: "m\xB3",
  1: "",
  "W/(m2 K)": "W/(m\xB2\xB7K)",
  mm2: "mm\xB2",
  cm2: "cm\xB2",
  in2: "in\xB2",
  m2: "m\xB2",
  "N s": "N\xB7s",
  "lbf s": "lbf\xB7s",
  "ft lbf": "ft\xB7lbf",
  "ft2": "ft\xB2",
  "floz/s": "fl oz/s",
  "BTU/(h ft2 degF)": "BTU/(h\xB7ft\xB2\xB7\xB0F)"
};
var unitLabel = (unit) => LABELS[unit] ?? unit;
var converters = /* @__PURE__ */ new Map();
function converter(kind2, unit) {
  const key = `${kind2} ${unit}`;
  const known = converters.get(key);
  if (known) return known;
  const accepted = SHOWN_UNITS[kind2].filter((u, i, all) => all.indexOf(u) === i).map(unitLabel).filter(Boolean).join(", ");
  const from = spelled(unit, kind2);
  let made;
  try {
    const convert = from === SI_UNIT[kind2] ? (x) => x : kind2 === "fraction" && from === "%" ? (x) => x / 100 : Qty.swiftConverter(from, SI_UNIT[kind2]);
    const offset = convert(0);
    made = { factor: convert(1) - offset, offset };
  } catch {
    throw new QuantityError(`"${unit}" is not a unit of ${kind2}; accepted: ${accepted}`);
  }
  if (!Number.isFinite(made.factor))
    throw new QuantityError(`"${unit}" is not a unit of ${kind2}; accepted: ${accepted}`);
  converters.set(key, made);
  return made;
}
function fromSi(value, unit, kind2) {
  const { factor, offset } = converter(kind2, unit);
  return (value - offset) / factor;
}
var CUSTOMARY = new Set(
  "psi inHg degF floz cup tbsp tsp pt qt gal in in3 in2 ft ft2 mil oz lb gr BTU/h hp lbf ft/s mph BTU gal/min".split(
    " "
  )
);
var formats = /* @__PURE__ */ new Map();
function formatNumber(value, digits = 3, { locale = "en", grouped = false } = {}) {
  if (!Number.isFinite(value)) return "\u2013";
  if (value === 0) return "0";
  const size = Math.abs(value);
  const key = `${locale} ${grouped}`;
  let format = formats.get(key);
  if (!format) {
    format = new Intl.NumberFormat(locale, { maximumFractionDigits: 12, useGrouping: grouped ? "min2" : false });
    formats.set(key, format);
  }
  if (size >= 1e6 || size < 1e-4) {
    const [mantissa, exponent] = value.toExponential(digits - 1).split("e");
    return `${format.format(Number(mantissa))}e${exponent}`;
  }
  const decimals = Math.min(8, Math.max(0, digits - 1 - Math.floor(Math.log10(size) + 1e-9)));
  return format.format(Math.round(value * 10 ** decimals) / 10 ** decimals);
}

// core/units/by-size.ts
var INCH = 0.0254;
var POUND = 0.45359237;
var GALLON = 0.003785411784;
var only = (unit) => [[0, unit]];
var LADDERS = {
  pressure: {
    si: [
      [0, "Pa"],
      [950, "kPa"],
      [95e4, "MPa"]
    ],
    us: only("psi")
  },
  temperature: { si: only("degC"), us: only("degF") },
  temperatureDifference: { si: only("K"), us: only("degF") },
  volume: {
    si: [
      [0, "mL"],
      [9995e-7, "L"],
      [9.995, "m3"]
    ],
    us: [
      [0, "tsp"],
      [GALLON / 300, "tbsp"],
      [GALLON / 64, "floz"],
      [GALLON / 4, "qt"],
      [GALLON, "gal"]
    ]
  },
  length: {
    si: [
      [0, "um"],
      [495e-7, "mm"],
      [95e-4, "cm"],
      [0.9995, "m"],
      [9995, "km"]
    ],
    us: [
      [0, "mil"],
      [0.0495 * INCH, "in"],
      [35.95 * INCH, "ft"]
    ]
  },
  mass: {
    si: [
      [0, "mg"],
      [95e-6, "g"],
      [0.9995, "kg"]
    ],
    us: [
      [0, "gr"],
      [POUND / 160, "oz"],
      [0.9995 * POUND, "lb"]
    ]
  },
  time: {
    si: [
      [0, "ms"],
      [0.9995, "s"],
      [119.5, "min"],
      [7170, "h"]
    ],
    us: [
      [0, "ms"],
      [0.9995, "s"],
      [119.5, "min"],
      [7170, "h"]
    ]
  },
  power: {
    si: [
      [0, "W"],
      [999.5, "kW"]
    ],
    us: only("BTU/h")
  },
  force: {
    si: [
      [0, "N"],
      [1995, "kN"]
    ],
    us: only("lbf")
  },
  speed: { si: only("m/s"), us: only("ft/s") },
  energy: {
    si: [
      [0, "J"],
      [1995, "kJ"],
      [1995e3, "MJ"]
    ],
    us: [
      [0, "ft lbf"],
      [1e4, "BTU"]
    ]
  },
  fraction: { si: only("%"), us: only("%") },
  count: { si: only("1"), us: only("1") },
  conductance: { si: only("W/(m2 K)"), us: only("BTU/(h ft2 degF)") },
  area: {
    si: [
      [0, "mm2"],
      [95e-6, "cm2"],
      [0.095, "m2"]
    ],
    us: [
      [0, "in2"],
      [143.5 * INCH * INCH, "ft2"]
    ]
  },
  flow: {
    si: [
      [0, "mL/s"],
      [95e-7, "L/min"]
    ],
    us: [
      [0, "floz/s"],
      [GALLON / 60 / 4, "gal/min"]
    ]
  },
  impulse: { si: only("N s"), us: only("lbf s") },
  level: { si: only("dB"), us: only("dB") }
};
function unitBySize(si, kind2, system) {
  const ladder = LADDERS[kind2][system];
  const size = Math.abs(si);
  if (size === 0) return ladder[Math.min(1, ladder.length - 1)][1];
  return (ladder.findLast(([from]) => size >= from) ?? ladder[0])[1];
}
function unitToShow(si, kind2, system, own) {
  const size = Math.abs(fromSi(si, own, kind2));
  if (kind2 === "temperature" || kind2 === "fraction" || kind2 === "count" || !Number.isFinite(size)) return own;
  const least = own === "floz" ? 2 : kind2 === "time" || own === "oz" ? 0.1 : 0.01;
  const most = own === "hPa" ? 2e3 : 1e3;
  return size === 0 || size >= least && size < most ? own : unitBySize(si, kind2, system);
}

// core/sentence/sentence.ts
var told = /* @__PURE__ */ new WeakMap();
function say(words, ...parts) {
  let smooth = told.get(words);
  if (!smooth) {
    smooth = words.map((w) => w.replace(/\s*\n\s*/gu, " "));
    told.set(words, smooth);
  }
  return { words: smooth, parts };
}
var isTold = (part) => typeof part === "object" && "si" in part;
var keyOf = (sentence) => typeof sentence === "string" ? sentence : sentence.words.reduce((key, words, i) => i === 0 ? words : `${key}{${i - 1}}${words}`, "");

// core/sentence/quantities.ts
var of = (kind2, usual) => (si, { digits = usual, like, units, toward } = {}) => ({
  kind: kind2,
  si,
  digits,
  ...like !== void 0 && { like },
  ...units && { units },
  ...toward && { toward }
});
var asTemperature = of("temperature", 3);
var asTemperatureDifference = of("temperatureDifference", 2);
var asPressure = of("pressure", 2);
var asRoomPressure = (pa, { digits = 3 } = {}) => ({
  kind: "pressure",
  si: pa,
  digits,
  units: ["hPa", "inHg"]
});
var asTime = of("time", 2);
var asLength = of("length", 2);
var asVolume = of("volume", 3);
var asArea = of("area", 2);
var asMass = of("mass", 2);
var asForce = of("force", 2);
var asEnergy = of("energy", 2);
var asPower = of("power", 3);
var asSpeed = of("speed", 2);
var asShare = (x) => ({ kind: "fraction", si: x, digits: x < 95e-4 ? 1 : 2 });
var asTimes = (x) => ({ kind: "count", si: x, digits: 2, as: "times" });
var asNumber = (x, digits = 3, toward) => ({
  kind: "count",
  si: x,
  digits,
  as: "count",
  ...toward && { toward }
});
var asQuantity = (si, kind2, telling = {}) => of(kind2, 3)(si, telling);

// core/sentence/rendering.ts
var METRIC = { units: "si", locale: "en" };
var NOTHING = 1e-3;
function tellQuantity(told2, reader) {
  if (!Number.isFinite(told2.si)) return "\u2013";
  if (told2.as === "times") return tell({ words: ["", " times"], parts: [bare(told2.si, told2.digits, reader)] }, reader);
  if (told2.as === "count")
    return bare(told2.toward ? rounded(told2.si, told2.digits, told2.toward) : told2.si, told2.digits, reader);
  const size = told2.like ?? told2.si;
  const unit = told2.units ? unitToShow(size, told2.kind, reader.units, told2.units[reader.units === "si" ? 0 : 1]) : unitBySize(size, told2.kind, reader.units);
  const value = fromSi(told2.si, unit, told2.kind);
  const label = unitLabel(unit);
  const digits = unit === "hPa" ? 4 : told2.toward ? told2.digits : Math.max(3, told2.digits);
  const meant = Math.abs(value) < NOTHING ? 0 : rounded(value, digits, told2.toward);
  return `${bare(meant, told2.digits, reader)}${label && (reader.space ?? " ")}${label}`;
}
function rounded(value, digits, toward) {
  const nearest = Number(value.toPrecision(digits));
  if (toward === void 0 || Math.abs(nearest - value) <= 1e-9 * Math.abs(value)) return nearest;
  const step = 10 ** (Math.floor(Math.log10(Math.abs(value))) + 1 - digits);
  if (toward === "below") return nearest > value ? Number((nearest - step).toPrecision(digits)) : nearest;
  return nearest < value ? Number((nearest + step).toPrecision(digits)) : nearest;
}
var bare = (value, digits, reader) => formatNumber(value, digits, { locale: reader.locale, grouped: true });
var tellPart = (part, reader) => typeof part === "number" ? bare(part, 3, reader) : isTold(part) ? tellQuantity(part, reader) : tell(part, reader);
function tell(sentence, reader) {
  const other = reader.translate?.(keyOf(sentence));
  if (typeof sentence === "string") return other ?? sentence;
  if (other !== void 0)
    return other.replace(/\{(\d+)\}/gu, (_, place) => tellPart(sentence.parts[Number(place)], reader));
  return sentence.words.reduce(
    (text, words, i) => i === 0 ? words : text + tellPart(sentence.parts[i - 1], reader) + words,
    ""
  );
}

// core/cautions/caution.ts
var applying = (...cautions33) => cautions33.flat().filter((c) => c !== void 0);

// core/cautions/limits.ts
var TOUCHABLE = 273.15 + 45;
var SCALDS = 273.15 + 60;
var MUCH_HOT_WATER = 15e-5;
var SOFTENING = 500;
var THIN_MARGIN = 30;
var USUAL_CHILL = { "soda-lime": 110, "borosilicate": 180 };
var CHILL_SPREAD = 0.2;
var HARM_RAISES = 0.01;
var CRACKS_REFUSED = 0.02;
var PERSON_FACTOR = 4;
var PERSON = 25;
var LIFT_ADULT = 25;
var LIFT_CHILD = 6;
var LOUD = 110;
var SHARDS = 100;
var MOST_GAUGE = 3e5;
var RATING_RAISES = 0.6;
var MOST_SPIRITS = 5e-6;
var JAR_ENERGY = 300;
var LARGE_VESSEL = 0.02;

// core/cautions/hot.ts
var FIRST_AID = "A scald: 20 minutes under cool running water at once, then first aid.";
function scald(temperature, volume, step, what = "Steam and water", id = "scald") {
  if (temperature < TOUCHABLE) return void 0;
  const much = volume > MUCH_HOT_WATER;
  return {
    id,
    step,
    severity: temperature >= SCALDS ? "raised" : "usual",
    covers: ["scald", "heat"],
    hazard: say`${what} at ${asTemperature(temperature)}, ${asVolume(volume)} of it:
      ${temperature >= SCALDS ? "it scalds within seconds" : "too hot to touch"}${much && temperature >= SCALDS ? ", and so much runs into sleeves and shoes" : ""}.`,
    control: (temperature >= SCALDS ? "An adult handles it: heat-proof gloves, tongs or a clamp, goggles, closed shoes; mouth turned away from everybody." : "Gloves; mouth turned away from everybody.") + ` ${FIRST_AID}`,
    number: {
      name: "temperature",
      value: temperature,
      quantity: "temperature",
      units: ["degC", "degF"],
      raisedFrom: SCALDS
    }
  };
}
function hotSurface(temperature, step, what = "Heater and vessel stay hot after use") {
  if (temperature < TOUCHABLE) return void 0;
  return {
    id: "hot-surface",
    step,
    severity: "usual",
    covers: ["heat"],
    hazard: say`${what}: up to ${asTemperature(temperature)}. Nothing over ${asTemperature(TOUCHABLE)} is touched
      or passed round.`,
    control: "Heat off and the place marked hot before anyone comes near; clear way from heater to bowl; tongs or gloves until a thermometer says it is cold.",
    number: { name: "hottest", value: temperature, quantity: "temperature", units: ["degC", "degF"] }
  };
}
var burnerGas = (step, large) => ({
  id: "gas",
  step,
  severity: large ? "raised" : "usual",
  covers: ["flame"],
  hazard: "A gas burner: the cylinder, a loose or cracked hose, a flame that nobody sees in daylight; indoors carbon monoxide under a large cold base.",
  control: `Hose and joints tried with soapy water; cylinder upright, away from the heat, its tap within reach; ${large ? "outdoors or with doors open and a monoxide alarm" : "window open"}; extinguisher and blanket at hand.`
});
function boilingDry(margin, hottest, step, early = 0) {
  const control = "Someone watches it all the time; lift it or add water before then. Dry and smoking: heat off, leave it to cool, no water into it.";
  const number = margin === void 0 ? void 0 : {
    name: "dry after the planned lift",
    value: Math.max(0, margin),
    quantity: "time",
    units: ["s", "s"],
    raisedFrom: THIN_MARGIN
  };
  const base = { id: "dry", step, covers: ["heat"], control, ...number && { number } };
  const risky = early >= 0.05;
  if (margin === void 0 && !risky)
    return { ...base, severity: "usual", hazard: "A vessel that boils dry overheats, softens and smokes." };
  if (margin !== void 0 && margin <= 0) {
    return {
      ...base,
      severity: "raised",
      hazard: `It boils dry on the heat: empty metal overheats${hottest > SOFTENING ? " and softens" : ""}; its coating smokes, and smoke is not steam.`
    };
  }
  return {
    ...base,
    severity: risky || margin !== void 0 && margin < THIN_MARGIN ? "raised" : "usual",
    hazard: say`${margin === void 0 ? say`It is dry before the planned lift in ${Math.round(early * 100)} of 100` : risky ? say`Dry ${asTime(margin)} after the planned lift, and before it in ${Math.round(early * 100)} of 100` : say`Dry ${asTime(margin)} after the planned lift`};
      a dry vessel overheats, softens and smokes.`
  };
}
var superheated = (step, wait2) => ({
  id: "superheat",
  step,
  severity: "raised",
  covers: ["scald", "heat"],
  hazard: say`Water heated in a microwave can be hotter than boiling and erupt when it is moved, here
    ${asTime(wait2)} after the oven stops.`,
  control: "A boiling chip or a wooden stick in it from the start, so that it boils instead of storing heat; open the door and look for bubbles before it is moved; face shield or goggles, gloves, mouth away from everybody. No metal in the oven.",
  number: { name: "wait", value: wait2, quantity: "time", units: ["s", "s"] }
});
var openFlame = (step, many = false, what = "Open flame; hot glass; smoke") => ({
  id: "flame",
  step,
  severity: many ? "raised" : "usual",
  covers: ["flame", "heat"],
  hazard: `${what}.`,
  control: "Hair tied, sleeves back, nothing that burns within arm\u2019s reach, before anything is lit; a bowl of water and a damp cloth at hand; smoke detectors thought of; tongs or a long match; an adult lights it."
});
var oilByFlame = (step) => ({
  id: "oil-flame",
  step,
  severity: "raised",
  covers: ["flame"],
  hazard: "Oil on fingers, egg and glass beside an open flame.",
  control: "Oil it and wipe hands and outside dry before anything is lit; bottle of oil out of reach; wet it with water instead if there is a flame."
});
var flammable = (what, amount, step) => ({
  id: "flammable",
  step,
  severity: "raised",
  covers: ["flame"],
  hazard: say`${what} burns, ${asVolume(amount)} of it here; its vapour catches fire from a distance.`,
  control: "No flame, spark, match or hot plate in the room; stock bottle closed and away; window open; nobody heats or smells at the bottle; afterwards rinsed with much water, never near a flame.",
  number: { name: "amount", value: amount, quantity: "volume", units: ["mL", "floz"] }
});
var fuelMixture = (step) => ({
  id: "fuel",
  step,
  severity: "raised",
  covers: ["fuel", "flame"],
  hazard: "Fuel vapour and air burn in an instant: heat, a bang, flying parts, fire.",
  control: say`Only trained staff, by their own written assessment and their employer’s recipe; never by pupils;
    never oxygen; indoors never above ${asVolume(5e-4)}; only bottles made for fizzy drinks. The mixture is not
    planned here.`
});

// core/cautions/closed-vessels.ts
var neverHeatSealed = (step) => ({
  id: "sealed-heat",
  step,
  severity: "raised",
  covers: ["closed-hot-vessel", "pressure"],
  hazard: "A closed vessel on the heat bursts.",
  control: "Heat off and the vessel off the heat before anyone touches the closure; one person says so aloud, another closes it."
});
function goesSuddenly(force, work, capacity, until, step, apart) {
  const large = capacity > LARGE_VESSEL;
  return {
    id: "goes",
    step,
    severity: large ? "raised" : "usual",
    covers: ["closed-hot-vessel", "vacuum"],
    hazard: say`The outside air presses with ${asForce(force)} in all and can do ${asEnergy(work)} of work: it
      goes suddenly, with a bang, and may still go ${asTime(until)} after it is closed.`,
    control: large ? say`Outdoors or in a large hall; everyone at least ${asLength(5)} away and not in front of its ends; ear
        protection near it; nobody near once it is closed: ${apart}.` : say`Screen or ${asLength(1)} of distance, goggles; no hand on it once it is closed: ${apart}.`,
    number: { name: "work the air can do", value: work, quantity: "energy", units: ["kJ", "BTU"] }
  };
}
var sharpFolds = (step) => ({
  id: "edges",
  step,
  severity: "usual",
  covers: ["heat"],
  hazard: "Crushed metal has sharp folds and holds hot water.",
  control: "Let it cool; cut-proof gloves; open it slowly and let air in before anything else; afterwards into the scrap metal, edges taped."
});
var dented = (what, step) => ({
  id: "dented",
  step,
  severity: "raised",
  covers: ["vacuum"],
  hazard: `A dented ${what} goes earlier than it looks, and nobody knows how much.`,
  control: "Everybody as far back as for the strongest of its kind, from the moment it is closed; no hand on it; mark it, and use it once."
});
var formerContents = (what, step) => ({
  id: "contents",
  step,
  severity: "raised",
  covers: ["fuel"],
  hazard: `${what} that has held anything that burns gives off vapour that explodes on the heat; poison stays in the seams.`,
  control: "Only one whose history is known, that has held food or water, washed out with hot water; never one that smells."
});
function heavy(what, mass, step) {
  if (mass < LIFT_ADULT / 3) return void 0;
  return {
    id: "heavy",
    step,
    severity: mass > LIFT_ADULT ? "raised" : "usual",
    covers: ["load"],
    hazard: say`${what}: ${asMass(mass)} to move.`,
    control: mass > LIFT_ADULT ? "Two or more people or a trolley, rehearsed cold; never carried hot and full; closed shoes." : "Rehearsed cold; closed shoes; never carried hot and full.",
    number: { name: "mass", value: mass, quantity: "mass", units: ["kg", "lb"], raisedFrom: LIFT_ADULT }
  };
}
var overpressure = (gauge, setting, step) => ({
  id: "overpressure",
  step,
  severity: "raised",
  covers: ["pressure", "closed-hot-vessel"],
  hazard: say`In 99 of 100 the inside stays below ${asPressure(gauge, { toward: "above" })} over the
    room${setting > 0 ? say` against a relief that opens at ${asPressure(setting)}` : ""}; a damaged vessel may
    fail below that, at a fold or a seam.`,
  control: "A tested relief of enough area, nothing in front of it; never a plug, a cork or a hand; everyone well away, ends of the vessel pointing where nobody is; heat shut off from a distance; trained staff only.",
  number: { name: "over the room, 99 of 100", value: gauge, quantity: "pressure", units: ["kPa", "psi"] }
});
var pressurised = (gauge, rating, step) => ({
  id: "pressurised",
  step,
  severity: gauge > RATING_RAISES * rating ? "raised" : "usual",
  covers: ["pressure"],
  hazard: say`The bottle stands up to ${asPressure(gauge, { toward: "above" })} over the room,
    ${Math.round(gauge / rating * 100)} %
    of the stated limit.`,
  control: "Only bottles made for fizzy drinks, without a scratch, not old and never frozen; stay under the stated pressure; goggles for all; the stopper points at nobody.",
  number: {
    name: "over the room, 99 of 100",
    value: gauge,
    quantity: "pressure",
    units: ["kPa", "psi"],
    raisedFrom: RATING_RAISES * rating
  }
});
var wetFloor = (volume, step) => ({
  id: "wet",
  step,
  severity: volume > 5e-3 ? "raised" : "usual",
  covers: [],
  hazard: say`${asVolume(volume)} of water may end on the floor: it gets slippery, and plugs and laptops get wet.`,
  control: "Tray or tub; mop at hand; cables, sockets and heaters\u2019 switches dry and off the floor; a residual-current device for what is plugged in."
});

// core/cautions/glass.ts
var thermalShock = (chill, limit, cracks, step) => ({
  id: "chill",
  step,
  severity: cracks > HARM_RAISES || chill > 0.6 * limit ? "raised" : "usual",
  covers: ["chilled-glass"],
  hazard: say`Hot glass meets water ${asTemperatureDifference(chill)} colder; sound glass of this kind usually
    bears about ${asTemperatureDifference(limit)}, scratched glass much
    less${cracks >= 1e-3 ? say`: about ${asShare(cracks)} of them crack` : ""}.`,
  control: "No scratched or chipped glass; a plastic or padded bowl; goggles for all; cut-resistant gloves; warmer water for less.",
  number: {
    name: "chill",
    value: chill,
    quantity: "temperatureDifference",
    units: ["K", "degF"],
    raisedFrom: 0.6 * limit
  }
});
var inflowSlam = (slam, force, cracks, step) => ({
  id: "slam",
  step,
  severity: slam > 2e6 || cracks > HARM_RAISES ? "raised" : "usual",
  covers: ["glass-under-difference"],
  hazard: say`Water shoots in and stops short at the far
    end${slam > 0 ? say` with a hammer pressure of about ${asPressure(slam)}` : ""}; the jolt is about
    ${asForce(force)}.`,
  control: "Hold it with a cloth round it, never against the bottom of the bowl; goggles; if it cracks keep it in the water and let go.",
  number: { name: "hammer pressure", value: slam, quantity: "pressure", units: ["MPa", "psi"], raisedFrom: 2e6 }
});
var pulledDown = (pull, grip, blow, limit, step) => ({
  id: "pull",
  step,
  severity: pull > 0.5 * grip || blow > 0.3 * limit ? "raised" : "usual",
  covers: ["glass-under-difference"],
  hazard: say`As it fills the bottle is pulled down with up to
    ${asForce(pull, { toward: "above" })}${blow > 0 ? say`, more than a hand on wet glass holds: it would hit the bowl with ${asEnergy(blow)} and may break` : "; let go it would hit the bowl and may break"}.`,
  control: "Plastic bowl with a folded cloth on its bottom; both hands, a cloth round the bottle, cut-resistant gloves; faces back, goggles; narrower neck or shorter boil for less.",
  number: { name: "pull, 99 of 100", value: pull, quantity: "force", units: ["N", "lbf"], raisedFrom: 0.5 * grip }
});
var glassUnderVacuum = (difference, energy, step, kind2 = "Only glass made for vacuum, never scratched, chipped, thin or flat-sided") => ({
  id: "implosion",
  step,
  severity: energy > JAR_ENERGY ? "raised" : "usual",
  covers: ["glass-under-difference", "vacuum"],
  hazard: say`Glass under vacuum can implode: ${asPressure(difference)} over its whole surface,
    ${asEnergy(energy)} of work in store.`,
  control: `${kind2}; a screen or net between it and everybody from the start until air is in again; goggles for all; nobody leans over it.`,
  number: { name: "work in store", value: energy, quantity: "energy", units: ["J", "ft lbf"], raisedFrom: JAR_ENERGY }
});
var stemInStopper = (step) => ({
  id: "stem",
  step,
  severity: "usual",
  covers: [],
  hazard: "A glass tube pushed through a stopper snaps and goes through the hand.",
  control: "Tube wetted with soapy water or glycerol, held in a cloth close to the stopper, turned and not pushed; done the day before; cut-resistant gloves."
});
var dropped = (step, what = "A wet glass slips and breaks") => ({
  id: "dropped",
  step,
  severity: "usual",
  covers: ["load"],
  hazard: `${what}.`,
  control: "Plastic for classes; low over a cloth; dustpan at hand, no bare hands on splinters."
});

// core/cautions/moving.ts
var usualPump = (step) => ({
  id: "pump",
  step,
  severity: "usual",
  covers: ["vacuum"],
  hazard: "A pump left running can draw liquid in, and oil or water back when it stops; its belt and fan catch hair and ties.",
  control: "Trap in the line; open the air valve before switching off; guard on the belt; hair, ties and sleeves away from it; cable dry and out of the way."
});
var bursts = (what, share, step) => ({
  id: "burst",
  step,
  severity: share > HARM_RAISES ? "raised" : "usual",
  covers: ["burst"],
  hazard: `${what} may burst with a bang` + (share >= 5e-3 ? `: ${Math.round(share * 100) || "under 1"} of 100 do` : "") + ".",
  control: "Say so beforehand; goggles; look for bits in hose and valve afterwards.",
  number: { name: "share that bursts", value: share, quantity: "fraction", units: ["%", "%"], raisedFrom: HARM_RAISES }
});
var balloons = (step, from) => ({
  id: "balloon",
  step,
  severity: from < 8 ? "raised" : "usual",
  covers: ["burst"],
  hazard: "Balloons and their pieces choke small children; latex gives some people a rash and worse.",
  control: "Under eight years only with an adult at their side, and every piece counted and picked up; ask about latex allergy, or take latex-free ones; nobody shares a mouthpiece."
});
var projectile = (what, speed, far, energy, step, where = "") => ({
  id: "projectile",
  step,
  severity: "raised",
  covers: ["projectile"],
  hazard: say`In 99 of 100 ${what} leaves at no more than ${asSpeed(speed, { toward: "above" })} and could
    fly ${asLength(far, { toward: "above" })}${where}.`,
  control: "Line of fire empty and closed off before anything is loaded, with a backstop; doors watched; eye and ear protection; one person fires, on a count, when nobody is forward of it.",
  number: { name: "energy, 99 of 100", value: energy, quantity: "energy", units: ["J", "ft lbf"] }
});
var shatters = (energy, step) => ({
  id: "shatter",
  step,
  severity: energy > SHARDS ? "raised" : "usual",
  covers: ["projectile"],
  hazard: say`With up to ${asEnergy(energy, { toward: "above" })} the ball shatters; bits fly back.`,
  control: "Box or curtain round the target; goggles for everybody in the room" + (energy > SHARDS ? "; a full screen between target and people" : "") + ".",
  number: { name: "energy, 99 of 100", value: energy, quantity: "energy", units: ["J", "ft lbf"], raisedFrom: SHARDS }
});
function mayLetGo(what, factor, load, step) {
  const person = load >= PERSON;
  const wanted = person ? PERSON_FACTOR : 2;
  return {
    id: "lets-go",
    step,
    severity: factor < wanted || person ? "raised" : "usual",
    covers: ["load"],
    hazard: say`${what} can let go without warning: in 99 of 100 it holds at least ${asNumber(factor, 2, "below")} times
      the pull of
      ${asMass(load)}${factor < wanted ? `, and ${wanted} is the least for ${person ? "what may be a person" : "a dead weight"}` : ""}.`,
    control: `${person && factor < wanted ? "No person on it: a dead weight, close to the floor. " : ""}Proof load first, twice what will hang on it; a fall of a hand\u2019s breadth at most, soft floor; a loose strap as second hold; feet clear, nobody behind those who pull.`,
    number: {
      name: "holds, times the pull, 99 of 100",
      value: factor,
      quantity: "count",
      units: ["1", "1"],
      raisedFrom: wanted
    }
  };
}
function liftedByHand(mass, from, most, step) {
  if (mass < most / 2) return void 0;
  return {
    id: "lift",
    step,
    severity: mass > most ? "raised" : "usual",
    covers: ["load"],
    hazard: say`${asMass(mass)} is lifted by hand, by people from ${from} years on.`,
    control: mass > most ? say`More than ${asMass(most, { digits: 3 })}: adults only, straight back, two people.` : "Straight back; feet clear.",
    number: { name: "mass", value: mass, quantity: "mass", units: ["kg", "lb"], raisedFrom: most }
  };
}
var bang = (level, step) => ({
  id: "bang",
  step,
  severity: level > LOUD ? "raised" : "usual",
  covers: [],
  hazard: `A bang of up to ${Math.round(level)} dB at the first row, and more beside it.`,
  control: "Say so beforehand; ear protection for the presenter, hands on ears for the rest; who startles badly, or wears a hearing aid, sits at the back.",
  number: {
    name: "level at the first row, 99 of 100",
    value: level,
    quantity: "level",
    units: ["dB", "dB"],
    raisedFrom: LOUD
  }
});

// core/cautions/syringes.ts
var FIRM_PULL = 60;
var FIRM_PRESS = 1e5;
var snapsBack = (pull, step) => ({
  id: "snap-back",
  step,
  severity: pull > FIRM_PULL ? "raised" : "usual",
  covers: ["vacuum"],
  hazard: say`Let go, the plunger flies back: the room pushes it with up to ${asForce(pull, { toward: "above" })}.`,
  control: "Goggles. Fingers never between plunger and barrel; nozzle shut by a screwed cap, pointing at nobody; let the plunger back by hand.",
  number: { name: "pull, 99 of 100", value: pull, quantity: "force", units: ["N", "lbf"], raisedFrom: FIRM_PULL }
});
var noNeedles = (step) => ({
  id: "needle",
  step,
  severity: "usual",
  covers: [],
  hazard: "Syringes look like medicine, and children try what they see.",
  control: "New ones, without a needle and never used; counted out and counted in again; nobody drinks from them."
});
var capFliesOff = (gauge, step) => ({
  id: "cap-off",
  step,
  severity: gauge > FIRM_PRESS ? "raised" : "usual",
  covers: ["pressure"],
  hazard: say`Pressed to ${asPressure(gauge, { toward: "above" })} over the room, a loose cap flies off.`,
  control: "Goggles for everybody near; cap screwed on, pointing at a wall; let the plunger back before the cap comes off.",
  number: {
    name: "over the room, 99 of 100",
    value: gauge,
    quantity: "pressure",
    units: ["kPa", "psi"],
    raisedFrom: FIRM_PRESS
  }
});

// core/cautions/everyones.ts
var nothingAlive = (step) => ({
  id: "alive",
  step,
  severity: "usual",
  covers: [],
  hazard: "Air is taken away in there.",
  control: "Nothing that lives goes in: no animal of any kind, no insect, no person\u2019s hand or face. Nobody closes their mouth on the hose."
});
var noFood = (hazard, step) => ({
  id: "eat",
  step,
  severity: "usual",
  covers: [],
  hazard,
  control: "Nobody eats it; hands washed; ask about egg and other allergies; into the bin with it."
});

// core/cautions/rules.ts
var PRACTICE = "common practice";
var RULES = {
  "people": {
    hazard: "who performs and who watches",
    raised: "only adults perform it",
    source: `${PRACTICE}; the school\u2019s own rules come first`
  },
  "alive": {
    hazard: "living things where air is taken away",
    raised: "never: they are refused",
    source: "animal welfare law of most countries"
  },
  "eat": { hazard: "food after the show", raised: "never", source: PRACTICE },
  "snap-back": {
    hazard: "a plunger that flies back",
    raised: "from 60 N of pull",
    source: `${PRACTICE}; the limit an assumption, what two fingers still hold with ease`
  },
  "cap-off": {
    hazard: "a cap that flies off a pressed syringe",
    raised: "from 100 kPa over the room",
    source: `${PRACTICE}; the limit an assumption`
  },
  "needle": { hazard: "syringes as medicine knows them", raised: "never", source: PRACTICE },
  "scald": { hazard: "hot water and steam", raised: "from 60 \xB0C", source: "Moritz & Henriques 1947 (from memory)" },
  "scald-kettle": {
    hazard: "hot water poured from a kettle",
    raised: "from 60 \xB0C",
    source: "Moritz & Henriques 1947 (from memory)"
  },
  "scald-bath": { hazard: "a hot bath", raised: "from 60 \xB0C", source: "Moritz & Henriques 1947 (from memory)" },
  "hot-surface": {
    hazard: "hot heater, metal and glass",
    raised: "never; nothing over 45 \xB0C is touched",
    source: "ISO 13732-1 (from memory)"
  },
  "gas": {
    hazard: "gas burner, cylinder, hose, carbon monoxide",
    raised: "for burners of several kilowatts",
    source: PRACTICE
  },
  "dry": {
    hazard: "boiling dry",
    raised: "less than 30 s from the planned lift to dryness, or dry before it in 5 of 100 draws",
    source: PRACTICE
  },
  "superheat": { hazard: "superheated water from a microwave", raised: "always", source: PRACTICE },
  "flame": { hazard: "open flame", raised: "several flames", source: PRACTICE },
  "oil-flame": { hazard: "oil beside a flame", raised: "always", source: PRACTICE },
  "flammable": { hazard: "spirits", raised: "always", source: PRACTICE },
  "fuel": { hazard: "burning vapour", raised: "always", source: PRACTICE },
  "sealed-heat": { hazard: "a closed vessel on the heat", raised: "always", source: PRACTICE },
  "goes": { hazard: "a closed vessel gives way", raised: "from 20 L", source: PRACTICE },
  "dented": { hazard: "a vessel with a dent", raised: "always", source: PRACTICE },
  "edges": { hazard: "folded metal", raised: "never", source: PRACTICE },
  "contents": { hazard: "what a vessel has held", raised: "always", source: PRACTICE },
  "heavy": {
    hazard: "moving it",
    raised: "from 25 kg",
    source: "guideline figures for manual handling (HSE L23, from memory)"
  },
  "overpressure": { hazard: "steam in a damaged vessel", raised: "always", source: PRACTICE },
  "pressurised": {
    hazard: "a bottle under pressure",
    raised: "over 60 % of the stated limit in 1 of 100 draws",
    source: PRACTICE
  },
  "wet": { hazard: "water on the floor and by plugs", raised: "from 5 L", source: PRACTICE },
  "chill": {
    hazard: "hot glass in cold water",
    raised: "over 60 % of the chill it bears, or 1 of 100 draws crack",
    source: "EN ISO 7459: bottles are tested at 42 K (from memory); what usually holds, from memory"
  },
  "slam": {
    hazard: "water that stops short in glass",
    raised: "over 2 MPa, or 1 of 100 draws break",
    source: "Joukowsky; strength of scratched glass from memory"
  },
  "pull": {
    hazard: "a bottle pulled out of the hand",
    raised: "over half of what a hand holds, or 30 % of the blow it bears",
    source: "assumption, on the page"
  },
  "implosion": { hazard: "glass under vacuum", raised: "from 300 J of work in store", source: PRACTICE },
  "stem": { hazard: "glass tube in a stopper", raised: "never", source: PRACTICE },
  "dropped": { hazard: "glass that falls", raised: "never", source: PRACTICE },
  "pump": { hazard: "a driven pump", raised: "never", source: PRACTICE },
  "burst": { hazard: "a balloon or packet bursts", raised: "in 1 of 100 draws", source: "our own rule" },
  "balloon": {
    hazard: "choking and latex",
    raised: "shown to children under eight",
    source: "EN 71-1 warning for latex balloons (from memory)"
  },
  "projectile": { hazard: "something flies", raised: "always", source: PRACTICE },
  "shatter": {
    hazard: "a missile breaks up",
    raised: "from 100 J",
    source: "our own rule; some joules break skin and eyes (from memory)"
  },
  "lets-go": {
    hazard: "a load lets go",
    raised: "what may be a person, or a factor under 2 (4 for a person) in 1 of 100 draws",
    source: PRACTICE
  },
  "lift": {
    hazard: "lifting by hand",
    raised: "from 25 kg for adults, 6 kg where children do it",
    source: "guideline figures for manual handling (HSE L23, from memory)"
  },
  "bang": {
    hazard: "noise",
    raised: "over 110 dB at the first row in 1 of 100 draws",
    source: "EU 2003/10/EC for work; well below it for a class"
  },
  "splash": { hazard: "splash and bang", raised: "it crushes in 1 of 100 draws", source: PRACTICE },
  "softens": {
    hazard: "bottle plastic with hot water in it",
    raised: "over 82 \xB0C",
    source: "glass transition of stretched PET (from memory)"
  },
  "swells": { hazard: "a capped bottle with hot water", raised: "from 60 \xB0C", source: PRACTICE },
  "blocked": { hazard: "a blocked stem", raised: "never", source: PRACTICE },
  "not-a-design": { hazard: "a classroom estimate taken for a design", raised: "always", source: PRACTICE },
  "bumping": { hazard: "boiling up all at once", raised: "over half of the beaker", source: PRACTICE },
  "spill": { hazard: "water into plate and pump", raised: "it spills in 1 of 100 draws", source: "our own rule" },
  "hose": { hazard: "an open hose under vacuum", raised: "never", source: PRACTICE },
  "fingers": { hazard: "pinched skin", raised: "never", source: PRACTICE },
  "stopper": {
    hazard: "a stopper that flies",
    raised: "pushed with more than 40 N in 1 of 100 draws",
    source: PRACTICE
  },
  "match": { hazard: "a match for the smoke", raised: "never", source: PRACTICE },
  "ears": { hazard: "blowing hard", raised: "never", source: PRACTICE },
  "glass-heated": { hazard: "glass heated at one spot", raised: "several flames", source: PRACTICE },
  "line": { hazard: "a tight line at neck height", raised: "never", source: PRACTICE },
  "vessel-large": { hazard: "a large can in tongs", raised: "from 1 L", source: PRACTICE }
};

// core/demonstration/accuracy.ts
var STEP_TOLERANCE = { summary: 6e-3, trace: 5e-4 };
var stepTolerance = (detail, refinement = 1) => STEP_TOLERANCE[detail] / refinement;

// core/demonstration/beyond.ts
var LAST_BITS = 1e-9;
var over = (value, limit) => value > limit + LAST_BITS * Math.abs(limit);
var under = (value, limit) => value < limit - LAST_BITS * Math.abs(limit);

// core/demonstration/blank.ts
var UNITS = {
  "L": ["volume", "qt"],
  "mL": ["volume", "floz"],
  "cm": ["length", "in"],
  "mm": ["length", "in"],
  "m": ["length", "ft"],
  "g": ["mass", "oz"],
  "kg": ["mass", "lb"],
  "s": ["time", "s"],
  "min": ["time", "min"],
  "ms": ["time", "ms"],
  "kPa": ["pressure", "psi"],
  "hPa": ["pressure", "psi"],
  "Pa": ["pressure", "psi"],
  "MPa": ["pressure", "psi"],
  "degC": ["temperature", "degF"],
  "K": ["temperatureDifference", "degF"],
  "%": ["fraction", "%"],
  "N": ["force", "lbf"],
  "1": ["count", "1"],
  "W": ["power", "BTU/h"],
  "mm2": ["area", "in2"],
  "L/min": ["flow", "gal/min"],
  "m/s": ["speed", "ft/s"],
  "J": ["energy", "ft lbf"],
  "N s": ["impulse", "lbf s"],
  "W/(m2 K)": ["conductance", "BTU/(h ft2 degF)"],
  "dB": ["level", "dB"]
};
function blank(id, name, unit, group, standard, range, usual, spread, more = {}) {
  const [quantity2, customary] = UNITS[unit];
  const shape = typeof spread !== "number" ? spread : spread === 0 ? { shape: "exact" } : { shape: "normal", relative: spread };
  return {
    id,
    name,
    kind: "quantity",
    quantity: quantity2,
    units: [unit, customary],
    group,
    default: standard,
    range,
    usual,
    spread: shape,
    ...more
  };
}
var coefficient = (id, name, unit, standard, range, usual, spread, source) => blank(
  id,
  name,
  unit,
  "coefficient",
  standard,
  range,
  usual,
  typeof spread === "number" ? { shape: "lognormal", relative: spread } : spread,
  { source }
);
function result(id, name, unit, measuredBy2) {
  const [quantity2, customary] = UNITS[unit];
  return { id, name, quantity: quantity2, units: [unit, customary], ...measuredBy2 && { measuredBy: measuredBy2 } };
}
var HUSH = ["sealed", "gone"];

// core/demonstration/demonstration.ts
function defineDemonstration(parts) {
  return parts;
}

// core/demonstration/failure.ts
var act = (kind2, text) => ({ kind: kind2, text });
var of2 = (kind2) => (text) => ({ kind: kind2, text });
var [standBack, wait, heatOff, pressureOff, near, next] = ["stand-back", "wait", "heat-off", "pressure-off", "near", "next"].map(of2);
var BROKEN_GLASS = [
  standBack("Stop. Everybody stays where they are, goggles on; nobody reaches into the bowl or over the bench."),
  heatOff("Heater or pump off at the plug, from the side."),
  pressureOff(
    "If a part of it still holds a vacuum, open the valve or lift the rest with tongs: air in, everybody back."
  ),
  near(
    "One adult in closed shoes and cut-proof gloves picks up the large pieces with tongs, brushes up the rest and lets the water run through a sieve."
  ),
  near("A cut: press a clean cloth on it, first aid. Glass in an eye: do not rub, cover it, doctor."),
  next("The same kind of glass was at its limit: warmer water, a slower start, new glass.")
];
var BURST = [
  standBack("Stop; goggles stay on; everybody sits still."),
  heatOff("Pump off."),
  pressureOff("Let air in slowly through the valve, if anything is still pumped out."),
  near("Pick up every piece of rubber: children put them into their mouths, and they block hose and valve."),
  next("Less air in it at the start, or fresh rubber.")
];

// core/demonstration/inputs.ts
var defineInput = (input) => input;
var defineInputs = (inputs33) => inputs33;

// core/demonstration/resolving.ts
var asInput = (input, si, telling = {}) => asQuantity(si, input.quantity, { digits: 3, ...telling, units: input.units });
var acceptedRange = (input) => say`${asInput(input, input.range[0], { toward: "above" })} to ${asInput(input, input.range[1], { toward: "below" })}`;
function resolve(demonstration, given) {
  const numbers = {};
  const choices = {};
  const faults = [];
  const values = { numbers, choices };
  for (const input of demonstration.inputs) {
    if (input.kind === "choice") {
      const choice3 = given.choices[input.id] ?? input.default;
      if (!input.choices.some((c) => c.id === choice3)) {
        faults.push({
          input: input.id,
          message: `given "${choice3}"; accepted: ${input.choices.map((c) => c.id).join(", ")}`
        });
      }
      choices[input.id] = choice3;
      continue;
    }
    const stated = given.numbers[input.id];
    const follows = typeof input.default === "function" ? faults.length === 0 ? input.default(values) : void 0 : input.default;
    const number = stated ?? follows;
    if (number === void 0) continue;
    if (Number.isNaN(number) || under(number, input.range[0]) || over(number, input.range[1])) {
      const shown = Number.isFinite(number) ? asInput(input, number, { digits: 4 }) : String(number);
      faults.push({ input: input.id, message: say`given ${shown}; accepted: ${acceptedRange(input)}` });
    }
    numbers[input.id] = number;
  }
  if (faults.length === 0) faults.push(...demonstration.check(values));
  return { values, faults };
}
var usualSpread = (input, stated) => input.spreadFor?.(stated) ?? input.spread;

// core/demonstration/risk.ts
var atWorst = (risk, result2) => risk.quantile(result2, 0.99) ?? 0;
var atLeast = (risk, result2) => risk.quantile(result2, 0.01) ?? 0;
var A_MINUTE = 60;
var mayStillGo = (risk) => Math.max(A_MINUTE, risk.quantile("hush", 0.999) ?? risk.quantile("giveUpTime", 0.999) ?? 0);

// core/demonstration/moments.ts
var MARKS = ["heat-on", "plume", "lifted", "sealed", "gone", "nothing"];

// core/demonstration/trace-reading.ts
function valueAt(trace, column2, time) {
  const values = trace.columns[column2];
  if (!values) throw new RangeError(`column: ${column2} is not one of ${Object.keys(trace.columns).join(", ")}`);
  const { time: times3 } = trace;
  let low = 0;
  let high = times3.length - 1;
  if (time <= times3[0]) return values[0];
  if (time >= times3[high]) return values[high];
  while (high - low > 1) {
    const middle = low + high >> 1;
    if (times3[middle] <= time) low = middle;
    else high = middle;
  }
  const span = times3[high] - times3[low];
  return span > 0 ? values[low] + (values[high] - values[low]) * (time - times3[low]) / span : values[high];
}
function indexAt(times3, time) {
  let index = 0;
  for (let i = 0; i < times3.length && times3[i] <= time + 1e-9; i++) index = i;
  return index;
}

// core/demonstration/room-inputs.ts
var CELSIUS = 273.15;
var ROOM_INPUTS = defineInputs([
  {
    id: "altitude",
    name: "height above sea level",
    kind: "quantity",
    quantity: "length",
    units: ["m", "ft"],
    group: "room",
    default: 0,
    range: [-430, 6e3],
    usual: [0, 4e3],
    spread: { shape: "exact" }
  },
  {
    id: "seaLevelPressure",
    name: "pressure in the weather report",
    kind: "quantity",
    quantity: "pressure",
    units: ["hPa", "inHg"],
    group: "room",
    default: void 0,
    range: [87e3, 108500],
    usual: [98e3, 104e3],
    spread: { shape: "exact" }
  },
  {
    id: "stationPressure",
    name: "station pressure",
    kind: "quantity",
    quantity: "pressure",
    units: ["hPa", "psi"],
    group: "room",
    default: stationPressureOf,
    range: [45e3, 109e3],
    usual: [6e4, 104e3],
    spread: { shape: "normal", absolute: 150 }
  },
  {
    id: "airTemperature",
    name: "air temperature",
    kind: "quantity",
    quantity: "temperature",
    units: ["degC", "degF"],
    group: "room",
    default: 20 + CELSIUS,
    range: [-10 + CELSIUS, 45 + CELSIUS],
    usual: [10 + CELSIUS, 32 + CELSIUS],
    spread: { shape: "normal", absolute: 1 }
  },
  {
    id: "relativeHumidity",
    name: "relative humidity",
    kind: "quantity",
    quantity: "fraction",
    units: ["%", "%"],
    group: "room",
    default: 0.45,
    range: [0, 1],
    usual: [0.1, 0.9],
    spread: { shape: "normal", absolute: 0.1 }
  }
]);
function stationPressureOf({ numbers }) {
  const altitude = numbers.altitude ?? 0;
  return numbers.seaLevelPressure === void 0 ? standardAtmospherePressure(altitude) : stationPressureFromReport(numbers.seaLevelPressure, altitude);
}

// core/demonstration/scene.ts
var said = (value, quantity2, si, us) => asQuantity(value, quantity2, { digits: 3, units: [si, us] });
var kPa = (pascals) => said(pascals, "pressure", "kPa", "psi");
var rectangle = (left, bottom, width, height) => [
  [left, bottom],
  [left, bottom + height],
  [left + width, bottom + height],
  [left + width, bottom]
];
function arch(x, y, halfWidth2, rise, steps = 16) {
  return Array.from({ length: steps + 1 }, (_, i) => {
    const t = 2 * i / steps - 1;
    const u = t * (1 - 0.05 * (1 - t * t));
    return [x + halfWidth2 * (2 * u / (1 + u * u)), y + rise * ((1 - u * u) / (1 + u * u))];
  });
}
var dome = (x, bottom, diameter, height) => {
  const rise = Math.min(height, diameter / 2);
  return [
    [x - diameter / 2, bottom],
    ...arch(x, bottom + height - rise, diameter / 2, rise),
    [x + diameter / 2, bottom]
  ];
};
function bottle(x, bottom, { diameter, height, neck, neckLength }) {
  const side = (sign) => {
    const shoulder = Math.min(0.28 * height, Math.max(0, height - neckLength) * 0.5);
    const top = bottom + height - neckLength;
    const points = [
      [x + sign * neck / 2, bottom + height],
      [x + sign * neck / 2, top]
    ];
    for (let i = 1; i <= 6; i++) {
      const t = i / 6;
      points.push([
        x + sign * (neck / 2 + (diameter - neck) / 2 * Math.sqrt(1 - (1 - t) * (1 - t))),
        top - shoulder * t * (0.4 + 0.6 * t)
      ]);
    }
    points.push([x + sign * diameter / 2, bottom + 0.03 * diameter], [x + sign * 0.46 * diameter, bottom]);
    return points;
  };
  return [...side(-1), ...side(1).reverse()];
}
function filledTo(points, level) {
  const kept = [];
  for (let i = 0; i < points.length; i++) {
    const [a, b] = [points[i], points[(i + 1) % points.length]];
    if (a[1] <= level) kept.push(a);
    if (a[1] <= level !== b[1] <= level && b[1] !== a[1]) {
      const t = (level - a[1]) / (b[1] - a[1]);
      kept.push([a[0] + (b[0] - a[0]) * t, level]);
    }
  }
  return kept;
}
var moved = (points, dx, dy) => points.map(([x, y]) => [x + dx, y + dy]);
function turned(points, about, share) {
  const quarter = (t) => [(1 - t * t) / (1 + t * t), 2 * t / (1 + t * t)];
  const [c, s] = share <= 0.5 ? quarter(2 * share) : quarter(2 * share - 1);
  const [cos, sin] = share <= 0.5 ? [c, s] : [-s, c];
  return points.map(([x, y]) => {
    const [dx, dy] = [x - about[0], y - about[1]];
    return [about[0] + dx * cos + dy * sin, about[1] - dx * sin + dy * cos];
  });
}

// core/demonstration/shelf.ts
var PUMP_IDS = ["hand", "mouth", "cheeks", "kitchen", "jet", "membrane", "two-stage"];
var VESSEL_SHAPES = ["cylinder", "box", "bottle", "flask", "bell-jar"];
var HEATER_KINDS = ["plate", "gas", "spirit", "microwave", "kettle", "other"];
var FLAME_OR_PLATE = ["plate", "gas", "spirit", "other"];

// core/demonstration/side-by-side.ts
var sideBySide = (title, values, simulate33, results28, variants7) => ({
  title,
  results: results28,
  rows: variants7.map(({ name, numbers, choices }) => ({
    name,
    results: simulate33(
      { ...values, numbers: { ...values.numbers, ...numbers }, choices: { ...values.choices, ...choices } },
      "summary"
    ).results
  }))
});

// core/demonstration/trace-rows.ts
var GAS_COLUMNS = [
  { id: "pressure", name: "pressure inside", quantity: "pressure" },
  { id: "gasTemperature", name: "gas inside", quantity: "temperature" },
  { id: "airMass", name: "air inside", quantity: "mass" },
  { id: "steamMass", name: "vapour inside", quantity: "mass" }
];
var TraceRows = class {
  constructor(columns) {
    this.columns = columns;
  }
  columns;
  time = [];
  rows = [];
  stages = [];
  start = 0;
  add(time, row) {
    this.time.push(time);
    this.rows.push(row);
  }
  /** Ends a stage at a time and begins the next; one that takes no time is left out. */
  stage(id, name, end) {
    if (end > this.start) this.stages.push({ id, name, start: this.start, end });
    this.start = Math.max(end, this.start);
  }
  /** Last time recorded, s; 0 before any. */
  get last() {
    return this.time.at(-1) ?? 0;
  }
  /** Time after `start` from which on no row is away from the last one. @param away whether two rows differ visibly */
  settledAfter(start, away) {
    const end = this.rows.length - 1;
    for (let i = end; i > 0; i--)
      if (away(this.rows[i], this.rows[end]) || this.time[i] <= start) return this.time[Math.min(end, i + 1)];
    return start;
  }
  /** A staging that is over at once has one short stage, so that there is something to show. */
  finish() {
    if (this.stages.length === 0) this.stage("hush", "start", Math.max(0.01, this.last));
    const columns = {};
    for (const { id } of this.columns) columns[id] = this.rows.map((r) => r[id] ?? 0);
    return { stages: this.stages, time: this.time, columns };
  }
};

// core/demonstration/vessel-outline.ts
var STEPS = 44;
var SHOULDER = 0.2;
var SHORTENING = 0.18;
function halfWidth({ shape, width, height, mouth, neck = 0 }, share) {
  const body = width / 2;
  const throat = Math.min(mouth, width) / 2;
  const top = neck / height;
  if (shape === "bottle") {
    if (share <= top) return throat;
    const t = Math.min(1, (share - top) / SHOULDER);
    return throat + (body - throat) * Math.sin(t * Math.PI / 2);
  }
  if (shape === "flask") {
    const down = (share - 0.5) * 2;
    return Math.max(share < 0.3 ? throat : 0, body * Math.sqrt(Math.max(0, 1 - down * down)));
  }
  if (shape === "bell-jar") return share < 0.3 ? body * Math.sqrt(1 - ((0.3 - share) / 0.3) ** 2) : body;
  if (shape === "tank") {
    const end = Math.min(share, 1 - share) / 0.09;
    return end < 1 ? body * (0.55 + 0.45 * Math.sqrt(1 - (1 - end) ** 2)) : body;
  }
  return body;
}
var shortened = (height, lost) => height * (1 - SHORTENING * lost);
function vesselOutline(vessel) {
  const { width, height, lost, mouth, mouthAt: mouthAt2 = 0 } = vessel;
  const depth = Math.min(0.47, 0.56 * lost) * width;
  const fold = 0.05 * width * Math.min(1, lost * 3);
  const tall = shortened(height, lost);
  const side = (sign) => Array.from({ length: STEPS + 1 }, (_, i) => {
    const share = i / STEPS;
    const half = halfWidth(vessel, share);
    const give = (2 * half / width) ** 2;
    const caved = depth * Math.sin(Math.PI * share) ** 0.7 * (sign > 0 ? 1 : 0.92) * give;
    const folded = fold * Math.sin((5 + (sign > 0 ? 0 : 1)) * Math.PI * share) * Math.sin(Math.PI * share) * give;
    return [sign * (half - caved - folded), (1 - share) * tall];
  });
  const edge = (sign) => {
    const x = mouthAt2 + sign * mouth / 2;
    return Math.abs(x) < halfWidth(vessel, 0) ? [[x, tall]] : [];
  };
  return [...edge(1), ...side(1), ...side(-1).reverse(), ...edge(-1)];
}
function levelOf(shape, filled) {
  if (shape !== "flask") return Math.min(1, Math.max(0, filled));
  let [low, high] = [0, 1];
  for (let i = 0; i < 24; i++) {
    const middle = (low + high) / 2;
    if (middle * middle * (3 - 2 * middle) < filled) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

// core/catalogue/vacuum/suspects.ts
var VACUUM_SUSPECTS = [
  {
    id: "pump",
    words: "a weaker pump than reckoned",
    remedy: "pump on, or take the pump to a gauge: how low does it get by itself?",
    inputs: ["strokeVolume", "strokeTime", "pumpSpeed", "ultimatePressure", "targetPressure", "stopDifference"]
  },
  {
    id: "leak",
    words: "it leaks",
    remedy: "with air in, clean and grease seal and rim, and start again",
    inputs: ["leakArea"]
  },
  {
    id: "jar",
    words: "a larger jar than reckoned",
    remedy: "weigh the jar full of water",
    inputs: ["jarVolume", "jarDiameter", "jarHeight", "chamberVolume"]
  }
];

// core/catalogue/vacuum/inputs.ts
var PUMPS = {
  "hand": {
    name: "hand piston pump",
    driven: false,
    stroke: 12e-5,
    period: 1.5,
    speed: 8e-5,
    ultimate: (p) => 0.12 * p
  },
  // An adult's strongest pull is some 10 to 12 kPa (L. F. Black & R. E. Hyatt, Am. Rev. Respir. Dis. 99 (1969) 696,
  // from memory).
  "mouth": {
    name: "lungs on a clean hose",
    driven: false,
    stroke: 2e-4,
    period: 3,
    speed: 7e-5,
    ultimate: (p) => p - 9e3,
    suction: true
  },
  // The closed mouth as a small pump, tongue and cheeks: some 20 kPa and more (common practice), a mouthful at a time.
  "cheeks": {
    name: "cheeks and tongue on a clean hose",
    driven: false,
    stroke: 4e-5,
    period: 1.2,
    speed: 33e-6,
    ultimate: (p) => p - 2e4,
    suction: true
  },
  "kitchen": {
    name: "kitchen hand pump",
    driven: false,
    stroke: 35e-6,
    period: 1,
    speed: 35e-6,
    ultimate: (p) => 0.3 * p
  },
  "jet": { name: "water-jet pump", driven: true, stroke: 12e-5, period: 1.5, speed: 8e-3 / 60, ultimate: () => 2400 },
  "membrane": {
    name: "membrane pump",
    driven: true,
    stroke: 12e-5,
    period: 1.5,
    speed: 0.02 / 60,
    ultimate: (p) => 0.08 * p
  },
  "two-stage": {
    name: "small two-stage pump",
    driven: true,
    stroke: 12e-5,
    period: 1.5,
    speed: 0.05 / 60,
    ultimate: () => 30
  }
};
var BY_ID = PUMPS;
var kindOf = ({ choices }) => BY_ID[choices.pump ?? ""] ?? PUMPS.hand;
var pumpChoice = (standard, mouth = false) => defineInput({
  id: "pump",
  name: "pump",
  kind: "choice",
  group: "pump",
  default: standard,
  lever: true,
  choices: PUMP_IDS.filter((id) => mouth || !PUMPS[id].suction).map((id) => ({ id, name: PUMPS[id].name }))
});
var ultimateSpread = (stated) => kindOf(stated).suction ? { shape: "normal", absolute: 0.2 * Math.max(0, stated.numbers.stationPressure - stated.numbers.ultimatePressure) } : { shape: "lognormal", relative: 0.12 };
var PUMP_INPUTS = defineInputs([
  blank("strokeVolume", "volume of a stroke", "mL", "pump", (v) => kindOf(v).stroke, [2e-6, 3e-3], [1e-5, 5e-4], 0.05),
  blank("strokeTime", "time of a stroke", "s", "pump", (v) => kindOf(v).period, [0.2, 20], [0.5, 4], {
    shape: "lognormal",
    relative: 0.15
  }),
  blank("pumpSpeed", "pumping speed", "L/min", "pump", (v) => kindOf(v).speed, [1e-6, 0.05], [3e-5, 2e-3], {
    shape: "lognormal",
    relative: 0.12
  }),
  blank(
    "ultimatePressure",
    "lowest pressure the pump reaches",
    "kPa",
    "pump",
    (v) => kindOf(v).ultimate(v.numbers.stationPressure),
    [1, 105e3],
    [10, 4e4],
    { shape: "lognormal", relative: 0.12 },
    { spreadFor: ultimateSpread }
  )
]);
var pumpOf = (values) => {
  const n = values.numbers;
  return kindOf(values).driven ? { kind: "steady", speed: n.pumpSpeed, ultimate: Math.min(n.ultimatePressure, 0.98 * n.stationPressure) } : {
    kind: "strokes",
    swept: n.strokeVolume,
    period: n.strokeTime,
    ultimate: Math.min(n.ultimatePressure, 0.98 * n.stationPressure)
  };
};
var isDriven = (values) => kindOf(values).driven;
var pumpWords = (values) => [
  { input: "pump" },
  " (",
  ...isDriven(values) ? [{ input: "pumpSpeed" }] : [{ input: "strokeVolume" }, " a stroke, one every ", { input: "strokeTime" }],
  "; at best down to ",
  { input: "ultimatePressure" },
  ")"
];
var JAR_KIND = defineInput({
  id: "jarKind",
  name: "jar",
  kind: "choice",
  group: "vessel",
  default: "vacuum",
  choices: [
    { id: "vacuum", name: "jar made for vacuum, without a mark" },
    { id: "scratched", name: "jar with a scratch or a chip" },
    { id: "household", name: "household or flat-sided jar" }
  ]
});
var jarBears = ({ choices }) => choices.jarKind === void 0 || choices.jarKind === "vacuum" ? [] : [
  {
    input: "jarKind",
    message: `given "${choices.jarKind}"; refused: ` + (choices.jarKind === "scratched" ? "glass with a scratch or a chip loses most of its strength" : "thin, flat-bottomed or flat-sided glass is not made for it") + " and implodes without warning; accepted: vacuum"
  }
];
var jarInputs = (volume = 65e-4, diameter = 0.19, height = 0.26) => defineInputs([
  JAR_KIND,
  blank("jarVolume", "capacity of the jar", "L", "vessel", volume, [1e-4, 0.06], [5e-4, 0.015], 0.02),
  blank("jarDiameter", "inside of the jar across", "cm", "vessel", diameter, [0.04, 0.6], [0.08, 0.3], 0.01),
  blank("jarHeight", "inside height", "cm", "vessel", height, [0.04, 0.8], [0.1, 0.4], 0.01)
]);
var pumpingTime = (standard) => blank("pumpTime", "longest time at the pump", "s", "pump", standard, [1, 3600], [10, 600], 0, {
  lever: [-30, 60, 180]
});
var target = (standard, lever = [-1e4, 1e4]) => blank("targetPressure", "pressure to stop at", "kPa", "pump", standard, [1, 105e3], [100, 8e4], 0.03, { lever });
var LEAK = coefficient(
  "leakArea",
  "leak of plate, seal and hose",
  "mm2",
  1e-9,
  [0, 1e-6],
  [0, 2e-8],
  0.8,
  "a greased plate lets a jar of some litres rise by a few Pa a second; from memory, measure it by watching the gauge"
);
var JAR_RESULTS = [
  result("finalPressure", "pressure in the jar at the end", "kPa"),
  result("timeToPump", "time at the pump", "s"),
  result("strokes", "strokes", "1"),
  result("peakPressureDifference", "greatest pressure difference", "kPa"),
  result("jarForce", "outside air on the whole jar", "N"),
  result("storedEnergy", "work the air could do on the jar", "J")
];

// core/catalogue/vacuum/balloon-emptied/cautions.ts
var gates = [
  {
    step: "pump",
    text: "Balloon bound to the hose; nobody\u2019s skin, ear or eye near an open hose; air valve in reach.",
    guards: ["vacuum"]
  }
];
var cautions = (values) => applying(balloons("balloon", 7), isDriven(values) ? usualPump("pump") : void 0, {
  id: "hose",
  step: "pump",
  severity: "usual",
  covers: ["vacuum"],
  hazard: "An open hose under vacuum holds fast to skin, ears and eyes.",
  control: "Hose on the balloon before the pump runs; nobody tries it on themselves."
});
var afterFailure = () => [
  heatOff("Stop the pump."),
  pressureOff("Open the air valve."),
  near("Look whether the neck of the balloon has closed over the hose: put a bit of wide tube into it."),
  next("Bind the neck again and start afresh; a quicker pump, or longer.")
];

// core/solver/bogacki-shampine.ts
var BogackiShampineStepper = class {
  constructor(size) {
    this.size = size;
    this.k2 = new Float64Array(size);
    this.k3 = new Float64Array(size);
    this.endSlope = new Float64Array(size);
    this.trial = new Float64Array(size);
  }
  size;
  evaluations = 0;
  k2;
  k3;
  endSlope;
  trial;
  prepare() {
  }
  attempt(system, time, state3, slope, step, reached, errors) {
    const { size, k2, k3, endSlope: k4, trial } = this;
    for (let i = 0; i < size; i++) trial[i] = state3[i] + 0.5 * step * slope[i];
    system.derivatives(time + 0.5 * step, trial, k2);
    for (let i = 0; i < size; i++) trial[i] = state3[i] + 0.75 * step * k2[i];
    system.derivatives(time + 0.75 * step, trial, k3);
    for (let i = 0; i < size; i++)
      reached[i] = state3[i] + step * (2 / 9 * slope[i] + 1 / 3 * k2[i] + 4 / 9 * k3[i]);
    system.derivatives(time + step, reached, k4);
    for (let i = 0; i < size; i++) {
      errors[i] = step * (-5 / 72 * slope[i] + 1 / 12 * k2[i] + 1 / 9 * k3[i] - 1 / 8 * k4[i]);
    }
    this.evaluations += 3;
    return true;
  }
  /** Cubic Hermite interpolant, as exact as the step itself. */
  interpolate(share, step, from, fromSlope, to, toSlope, out) {
    const rest = 1 - share;
    const a = (1 + 2 * share) * rest * rest;
    const b = share * rest * rest * step;
    const c = share * share * (3 - 2 * share);
    const d = -share * share * rest * step;
    for (let i = 0; i < this.size; i++) out[i] = a * from[i] + b * fromSlope[i] + c * to[i] + d * toSlope[i];
  }
};

// core/solver/dense-lu.ts
var DenseLu = class {
  constructor(size) {
    this.size = size;
    this.factors = new Float64Array(size * size);
    this.exchanged = new Int32Array(size);
    this.inverses = new Float64Array(size);
    this.first = new Int32Array(size);
  }
  size;
  factors;
  /** one over each pivot: a product is cheaper than a quotient, and every step solves six times */
  inverses;
  /** first column of each row that is not nought below the diagonal */
  first;
  /** row that each pivot was taken from, where rows were exchanged */
  exchanged;
  pivoted = false;
  /**
   * Factors `diagonal · I − matrix`.
   *
   * @param matrix row-major, rows `stride` apart, of which the leading part is used
   * @returns false if a pivot is lost
   */
  factorShifted(diagonal, matrix, stride) {
    const least = 1e-8 * diagonal;
    this.pivoted = false;
    this.shift(diagonal, matrix, stride);
    const { size, factors } = this;
    for (let column2 = 0; column2 < size; column2++) {
      if (!(factors[column2 * size + column2] > least)) return this.factorExchanging(diagonal, matrix, stride, least);
      this.eliminate(column2);
    }
    this.seekFirst();
    return true;
  }
  /**
   * The same with partial pivoting. A negative determinant means that something grows faster than the step can
   * follow: refused.
   */
  factorExchanging(diagonal, matrix, stride, least) {
    this.pivoted = true;
    this.shift(diagonal, matrix, stride);
    const { size, factors, exchanged } = this;
    let sign = 1;
    for (let column2 = 0; column2 < size; column2++) {
      let best = column2;
      for (let row = column2 + 1; row < size; row++)
        if (Math.abs(factors[row * size + column2]) > Math.abs(factors[best * size + column2])) best = row;
      if (!(Math.abs(factors[best * size + column2]) > least)) return false;
      exchanged[column2] = best;
      if (best !== column2) {
        sign = -sign;
        for (let k = 0; k < size; k++) {
          const held = factors[column2 * size + k];
          factors[column2 * size + k] = factors[best * size + k];
          factors[best * size + k] = held;
        }
      }
      if (factors[column2 * size + column2] < 0) sign = -sign;
      this.eliminate(column2);
    }
    this.seekFirst();
    return sign > 0;
  }
  shift(diagonal, matrix, stride) {
    const { size, factors } = this;
    for (let row = 0; row < size; row++) {
      const to = row * size;
      const from = row * stride;
      for (let column2 = 0; column2 < size; column2++) factors[to + column2] = -matrix[from + column2];
      factors[to + row] += diagonal;
    }
  }
  eliminate(column2) {
    const { size, factors } = this;
    const top = column2 * size;
    const inverse = this.inverses[column2] = 1 / factors[top + column2];
    for (let row = column2 + 1; row < size; row++) {
      const start = row * size;
      const below = factors[start + column2];
      if (below === 0) continue;
      const factor = below * inverse;
      factors[start + column2] = factor;
      for (let k = column2 + 1; k < size; k++) factors[start + k] -= factor * factors[top + k];
    }
  }
  seekFirst() {
    const { size, factors, first } = this;
    for (let row = 1; row < size; row++) {
      let column2 = 0;
      while (column2 < row && factors[row * size + column2] === 0) column2++;
      first[row] = column2;
    }
  }
  /** Solves in place for the first `size` numbers of one right-hand side. */
  solve(rightSide) {
    const { size, factors, inverses, first } = this;
    if (this.pivoted) {
      for (let i = 0; i < size; i++) {
        const from = this.exchanged[i];
        const held = rightSide[i];
        rightSide[i] = rightSide[from];
        rightSide[from] = held;
      }
    }
    for (let i = 1; i < size; i++) {
      const start = i * size;
      let sum = rightSide[i];
      for (let k = first[i]; k < i; k++) sum -= factors[start + k] * rightSide[k];
      rightSide[i] = sum;
    }
    for (let i = size - 1; i >= 0; i--) {
      const start = i * size;
      let sum = rightSide[i];
      for (let k = i + 1; k < size; k++) sum -= factors[start + k] * rightSide[k];
      rightSide[i] = sum * inverses[i];
    }
  }
};

// core/solver/rosenbrock.ts
var GAMMA = 0.25;
var A21 = 1.544;
var [A31, A32] = [0.9466785280815826, 0.2557011698983284];
var [A41, A42, A43] = [3.314825187068521, 2.896124015972201, 0.9986419139977817];
var [A51, A52, A53, A54] = [1.221224509226641, 6.019134481288629, 12.53708332932087, -0.687886036105895];
var C21 = -5.6688;
var [C31, C32] = [-2.430093356833875, -0.2063599157091915];
var [C41, C42, C43] = [-0.1073529058151375, -9.594562251023355, -20.47028614809616];
var [C51, C52, C53, C54] = [7.496443313967647, -10.24680431464352, -33.99990352819905, 11.7089089320616];
var [C61, C62, C63, C64, C65] = [
  8.083246795921522,
  -7.981132988064893,
  -31.52159432874371,
  16.31930543123136,
  -6.058818238834054
];
var [T2, T3, T4] = [0.386, 0.21, 0.63];
var [D1, D2, D3, D4] = [0.25, -0.1043, 0.1035, -0.0362];
var STAGES = 6;
var SECOND = [
  10.12623508344586,
  -7.487995877610167,
  -34.80091861555747,
  -7.992771707568823,
  1.025137723295662
];
var THIRD = [
  -0.6762803392801253,
  6.087714651680015,
  16.43084320892478,
  24.76722511418386,
  -6.594389125716872
];
var SQUARE_ROOT_EPSILON = 14901161193847656e-24;
var NONE = [];
var RosenbrockStepper = class {
  constructor(size) {
    this.size = size;
    this.jacobian = new Float64Array(size * size);
    this.drift = new Float64Array(size);
    this.scratch = new Float64Array(size);
    this.stages = Array.from({ length: STAGES }, () => new Float64Array(size));
  }
  size;
  evaluations = 0;
  /** unknowns of the step prepared that others depend on */
  coupled = 0;
  factors = [];
  jacobian;
  drift;
  scratch;
  stages;
  prepare(system, time, state3, slope) {
    const { size, jacobian, scratch, drift } = this;
    const columns = size - (system.totalsAt?.(state3) ?? system.totals ?? 0);
    this.coupled = columns;
    const { inert = NONE } = system;
    let evaluated = 0;
    for (let column2 = 0; column2 < columns; column2++) {
      if (inert.includes(column2)) {
        for (let row = 0; row < size; row++) jacobian[row * size + column2] = 0;
        continue;
      }
      const held = state3[column2];
      const nudge = SQUARE_ROOT_EPSILON * (Math.abs(held) + system.scale[column2]);
      state3[column2] = held + nudge;
      const moved2 = state3[column2] - held;
      system.derivatives(time, state3, scratch);
      evaluated++;
      state3[column2] = held;
      const inverse = 1 / moved2;
      for (let row = 0; row < size; row++) jacobian[row * size + column2] = (scratch[row] - slope[row]) * inverse;
    }
    this.evaluations += evaluated;
    if (system.dependsOnTime) {
      const nudge = SQUARE_ROOT_EPSILON * Math.max(1e-3, Math.abs(time));
      system.derivatives(time + nudge, state3, scratch);
      this.evaluations++;
      for (let row = 0; row < size; row++) drift[row] = (scratch[row] - slope[row]) / nudge;
    } else drift.fill(0);
  }
  attempt(system, time, state3, slope, step, reached, errors) {
    const { size, jacobian, drift, scratch, stages, coupled } = this;
    const lu = this.factors[coupled] ??= new DenseLu(coupled);
    if (!lu.factorShifted(1 / (GAMMA * step), jacobian, size)) return false;
    const [k1, k2, k3, k4, k5, k6] = stages;
    const per = 1 / step;
    for (let i = 0; i < size; i++) k1[i] = slope[i] + D1 * step * drift[i];
    this.solveStage(lu, k1, step, coupled);
    for (let i = 0; i < size; i++) reached[i] = state3[i] + A21 * k1[i];
    system.derivatives(time + T2 * step, reached, scratch);
    for (let i = 0; i < size; i++) k2[i] = scratch[i] + per * C21 * k1[i] + D2 * step * drift[i];
    this.solveStage(lu, k2, step, coupled);
    for (let i = 0; i < size; i++) reached[i] = state3[i] + A31 * k1[i] + A32 * k2[i];
    system.derivatives(time + T3 * step, reached, scratch);
    for (let i = 0; i < size; i++) k3[i] = scratch[i] + per * (C31 * k1[i] + C32 * k2[i]) + D3 * step * drift[i];
    this.solveStage(lu, k3, step, coupled);
    for (let i = 0; i < size; i++) reached[i] = state3[i] + A41 * k1[i] + A42 * k2[i] + A43 * k3[i];
    system.derivatives(time + T4 * step, reached, scratch);
    for (let i = 0; i < size; i++)
      k4[i] = scratch[i] + per * (C41 * k1[i] + C42 * k2[i] + C43 * k3[i]) + D4 * step * drift[i];
    this.solveStage(lu, k4, step, coupled);
    for (let i = 0; i < size; i++) reached[i] = state3[i] + A51 * k1[i] + A52 * k2[i] + A53 * k3[i] + A54 * k4[i];
    system.derivatives(time + step, reached, scratch);
    for (let i = 0; i < size; i++) k5[i] = scratch[i] + per * (C51 * k1[i] + C52 * k2[i] + C53 * k3[i] + C54 * k4[i]);
    this.solveStage(lu, k5, step, coupled);
    for (let i = 0; i < size; i++) reached[i] += k5[i];
    system.derivatives(time + step, reached, scratch);
    for (let i = 0; i < size; i++)
      k6[i] = scratch[i] + per * (C61 * k1[i] + C62 * k2[i] + C63 * k3[i] + C64 * k4[i] + C65 * k5[i]);
    this.solveStage(lu, k6, step, coupled);
    for (let i = 0; i < size; i++) {
      errors[i] = k6[i];
      reached[i] += k6[i];
    }
    this.evaluations += STAGES - 1;
    return true;
  }
  /**
   * Between the ends of the last step, by the method's own interpolant, which does not ring where the system is
   * stiff.
   */
  interpolate(share, _step, from, _fromSlope, to, _toSlope, out) {
    const [k1, k2, k3, k4, k5] = this.stages;
    const rest = 1 - share;
    for (let i = 0; i < this.size; i++) {
      const second = SECOND[0] * k1[i] + SECOND[1] * k2[i] + SECOND[2] * k3[i] + SECOND[3] * k4[i] + SECOND[4] * k5[i];
      const third = THIRD[0] * k1[i] + THIRD[1] * k2[i] + THIRD[2] * k3[i] + THIRD[3] * k4[i] + THIRD[4] * k5[i];
      out[i] = rest * from[i] + share * (to[i] + rest * (second + share * third));
    }
  }
  /** Solves a stage: the coupled unknowns by the factors, then the totals, which only follow. */
  solveStage(lu, stage, step, coupled) {
    const { size, jacobian } = this;
    lu.solve(stage);
    for (let row = coupled; row < size; row++) {
      let sum = stage[row];
      for (let column2 = 0; column2 < coupled; column2++) sum += jacobian[row * size + column2] * stage[column2];
      stage[row] = sum * GAMMA * step;
    }
  }
};

// core/solver/peak-tracker.ts
var ROUNDS = 3;
var PeakTracker = class {
  constructor(peak) {
    this.peak = peak;
    this.id = peak.id;
  }
  peak;
  id;
  best = { time: NaN, value: -Infinity };
  value = NaN;
  start(time, state3) {
    this.value = this.peak.value(time, state3);
    this.offer(time, this.value);
  }
  /**
   * @param time at the step's start @param share of the step that counts, where an event ends it
   * @param reached state at its end @param within state at a share of it
   */
  follow(time, step, share, reached, within) {
    const at4 = (s) => this.peak.value(time + s * step, within(s));
    const end = share < 1 ? at4(share) : this.peak.value(time + step, reached);
    const middle = at4(0.5 * share);
    const bulge = middle - 0.5 * (this.value + end);
    if (!(bulge > 0.1 * Math.abs(end - this.value)) || Math.max(middle, end, this.value) + 0.5 * bulge <= this.best.value) {
      this.offer(time + share * step, end);
      this.value = end;
      return;
    }
    const places = [0, 0.25 * share, 0.5 * share, 0.75 * share, share];
    const values = [this.value, at4(places[1]), middle, at4(places[3]), end];
    let top = 0;
    for (let i = 1; i < 5; i++) if (values[i] > values[top]) top = i;
    if (top > 0 && top < 4 && values[top] > this.best.value) {
      let [a, b, c] = [places[top - 1], places[top], places[top + 1]];
      let [ya, yb, yc] = [values[top - 1], values[top], values[top + 1]];
      for (let round2 = 0; round2 < ROUNDS; round2++) {
        const left = (yb - ya) * (b - c);
        const right = (yb - yc) * (b - a);
        const next2 = b - 0.5 * ((b - a) * right - (b - c) * left) / (right - left);
        if (!(next2 > a && next2 < c) || Math.abs(next2 - b) < 1e-6) break;
        const y = at4(next2);
        if (y > yb) {
          if (next2 > b) [a, ya] = [b, yb];
          else [c, yc] = [b, yb];
          [b, yb] = [next2, y];
        } else if (next2 > b) [c, yc] = [next2, y];
        else [a, ya] = [next2, y];
      }
      this.offer(time + b * step, yb);
    } else this.offer(time + places[top] * step, values[top]);
    this.value = end;
  }
  offer(time, value) {
    if (value > this.best.value || Number.isNaN(this.best.time)) this.best = { time, value };
  }
};

// core/solver/integrator.ts
var MOST_STEPS = 2e4;
var NO_PEAKS = {};
var MOST_GROWTH = 5;
var SAFETY = 0.85;
var smallRoot = (error) => Math.sqrt(Math.sqrt(error));
function copy(from, to) {
  for (let i = 0; i < to.length; i++) to[i] = from[i];
}
function bestOf(trackers) {
  const best = {};
  for (const tracker of trackers) best[tracker.id] = tracker.best;
  return best;
}
var Integrator = class {
  constructor(size) {
    this.size = size;
    this.explicit = new BogackiShampineStepper(size);
    this.implicit = new RosenbrockStepper(size);
    this.slope = new Float64Array(size);
    this.nextSlope = new Float64Array(size);
    this.reached = new Float64Array(size);
    this.errors = new Float64Array(size);
    this.scratch = new Float64Array(size);
  }
  size;
  explicit;
  implicit;
  slope;
  nextSlope;
  reached;
  errors;
  scratch;
  /**
   * Integrates `state` in place from `start` to `end`, or to the first stopping event.
   *
   * @throws RangeError if the step shrinks to nothing or too many steps are taken (the problem is ill-posed there)
   */
  run(system, state3, start, end, options) {
    const { size, reached, errors, scratch } = this;
    const { tolerance, explicitSteps = 0, events = [], peaks = [], onStep, between = 0, patience = Infinity } = options;
    const { scale, reference } = system;
    const occurrences = [];
    const eventValues = events.map((e) => e.value(start, state3));
    const trackers = peaks.map((peak) => new PeakTracker(peak));
    const evaluationsBefore = this.explicit.evaluations + this.implicit.evaluations;
    let stepper = explicitSteps > 0 ? this.explicit : this.implicit;
    let { slope, nextSlope } = this;
    let time = start;
    let step = Math.min(options.firstStep, end - start);
    let steps = 0;
    let rejected = 0;
    let opening = 0;
    let evaluations = 1;
    let prepared = false;
    let justRejected = false;
    const finish = (at4, stoppedBy) => ({
      time: at4,
      stoppedBy,
      steps,
      rejected,
      opening,
      occurrences: occurrences.length === 0 ? occurrences : occurrences.filter((o) => o.time <= at4).sort((a, b) => a.time - b.time),
      peaks: trackers.length === 0 ? NO_PEAKS : bestOf(trackers),
      evaluations: this.explicit.evaluations + this.implicit.evaluations - evaluationsBefore + evaluations
    });
    const within = (share) => {
      stepper.interpolate(share, step, state3, slope, reached, nextSlope, scratch);
      return scratch;
    };
    const draw = (share) => {
      for (let k = 1; k <= between; k++) {
        const part = share * k / (between + 1);
        onStep(time + part * step, within(part));
      }
    };
    system.derivatives(time, state3, slope);
    for (const tracker of trackers) tracker.start(time, state3);
    onStep?.(time, state3);
    while (time < end) {
      if (steps + rejected > patience) return finish(time, "patience");
      if (steps + rejected > MOST_STEPS)
        throw new RangeError(`integration: more than ${MOST_STEPS} steps at time ${time}`);
      if (step > end - time) step = end - time;
      const least = 1e-14 * Math.max(1, Math.abs(time));
      if (!(step > least)) {
        if (end - time < 100 * least) break;
        throw new RangeError(`integration: step shrank to ${step} at time ${time}`);
      }
      if (!prepared) {
        stepper.prepare(system, time, state3, slope);
        prepared = true;
      }
      if (!stepper.attempt(system, time, state3, slope, step, reached, errors)) {
        step *= 0.5;
        rejected++;
        continue;
      }
      let error = 0;
      for (let i = 0; i < size; i++) {
        const zero = reference ? reference[i] : 0;
        const before = Math.abs(state3[i] - zero);
        const after = Math.abs(reached[i] - zero);
        const ratio = errors[i] / (tolerance * ((before > after ? before : after) + scale[i]));
        error += ratio * ratio;
      }
      error = Math.sqrt(error / size);
      const owed = overdrawn(system, reached, tolerance);
      if (owed || !(error <= 1)) {
        rejected++;
        justRejected = true;
        step *= owed ? 0.25 : error < Infinity ? Math.max(0.1, SAFETY / smallRoot(error)) : 0.1;
        continue;
      }
      if (steps++ === 0) opening = step;
      const reachedTime = time + step;
      if (stepper.endSlope) copy(stepper.endSlope, nextSlope);
      else {
        system.derivatives(reachedTime, reached, nextSlope);
        evaluations++;
      }
      let stopShare = 2;
      let stoppedBy;
      for (let e = 0; e < events.length; e++) {
        const event = events[e];
        const before = eventValues[e];
        const after = event.value(reachedTime, reached, nextSlope);
        eventValues[e] = after;
        if (!(event.direction > 0 ? before < 0 && after >= 0 : before > 0 && after <= 0)) continue;
        const share = locate(event, time, step, within, before, after);
        occurrences.push({ id: event.id, time: time + share * step });
        if (event.stops && share < stopShare) {
          stopShare = share;
          stoppedBy = event.id;
        }
      }
      if (stoppedBy !== void 0) {
        if (between > 0 && onStep) draw(stopShare);
        for (const tracker of trackers) tracker.follow(time, step, stopShare, reached, within);
        within(stopShare);
        copy(scratch, state3);
        onStep?.(time + stopShare * step, state3);
        return finish(time + stopShare * step, stoppedBy);
      }
      if (between > 0 && onStep) draw(1);
      for (const tracker of trackers) tracker.follow(time, step, 1, reached, within);
      copy(reached, state3);
      time = reachedTime;
      const held = slope;
      slope = nextSlope;
      nextSlope = held;
      prepared = false;
      onStep?.(time, state3);
      const growth = error > 1e-3 ? Math.max(0.2, SAFETY / smallRoot(error)) : MOST_GROWTH;
      step *= Math.min(growth, justRejected ? 1 : MOST_GROWTH);
      justRejected = false;
      if (stepper === this.explicit && steps >= explicitSteps) stepper = this.implicit;
    }
    return finish(end, void 0);
  }
};
function overdrawn({ amounts: amounts2, scale }, state3, tolerance) {
  if (!amounts2) return false;
  for (let i = 0; i < amounts2.length; i++) {
    const place = amounts2[i];
    if (state3[place] < -tolerance * scale[place]) return true;
    if (state3[place] < 0) state3[place] = 0;
  }
  return false;
}
function locate(event, time, step, within, before, after) {
  let left = 0;
  let right = 1;
  let leftValue = before;
  let rightValue = after;
  let side = 0;
  for (let round2 = 0; round2 < 60 && right - left > 1e-12; round2++) {
    const share = (left * rightValue - right * leftValue) / (rightValue - leftValue);
    if (!(share > left && share < right)) break;
    const value = event.value(time + share * step, within(share));
    if (value < 0 === before < 0 && value !== 0) {
      left = share;
      leftValue = value;
      if (side === -1) rightValue *= 0.5;
      side = -1;
    } else {
      right = share;
      rightValue = value;
      if (side === 1) leftValue *= 0.5;
      side = 1;
    }
  }
  return right;
}

// core/solver/first-reached.ts
function firstReached(value, times3, quantities2) {
  const index = quantities2.findIndex((q) => q >= value);
  if (index <= 0) return index < 0 ? void 0 : times3[0];
  const [before, after] = [quantities2[index - 1], quantities2[index]];
  return times3[index - 1] + (times3[index] - times3[index - 1]) * (value - before) / (after - before);
}
var HALVINGS = 40;
function firstReachedOnCurve(value, times3, quantities2, slopes) {
  const index = quantities2.findIndex((q) => q >= value);
  if (index <= 0) return index < 0 ? void 0 : times3[0];
  const [from, to] = [times3[index - 1], times3[index]];
  const [before, after] = [quantities2[index - 1], quantities2[index]];
  const step = to - from;
  const curve = (s) => {
    const rest = 1 - s;
    return (1 + 2 * s) * rest * rest * before + s * rest * rest * step * slopes[index - 1] + s * s * (3 - 2 * s) * after - s * s * rest * step * slopes[index];
  };
  let [low, high] = [0, 1];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (curve(middle) < value) low = middle;
    else high = middle;
  }
  return from + high * step;
}

// core/solver/index.ts
var integrators = /* @__PURE__ */ new Map();
function integratorOf(size) {
  let integrator3 = integrators.get(size);
  if (!integrator3) integrators.set(size, integrator3 = new Integrator(size));
  return integrator3;
}

// core/mechanisms/nozzle-flow.ts
var AIR_GAMMA = 1.4;
var CHOKED = 0.5282818;
var CHOKED_FLOW = 0.6847315;
var expansion = new CubicTable((x) => pow(1 - x, 2 / 7), 0, 0.48, 512);
function gasThroughNozzle(area, upstream, density, downstream) {
  if (!(upstream > downstream) || !(area > 0)) return 0;
  const scale = area * Math.sqrt(upstream * density);
  const ratio = downstream > 0 ? downstream / upstream : 0;
  if (ratio <= CHOKED) return CHOKED_FLOW * scale;
  const r = expansion.at(1 - ratio);
  return scale * r * r * Math.sqrt(r) * Math.sqrt(7 * (1 - r));
}
var nozzleFlow = (area, upstream, temperature, downstream) => gasThroughNozzle(area, upstream, upstream / (AIR_GAS_CONSTANT * temperature), downstream);
var EASED = 50;
function openingFlow(area, outside, outsideDensity, inside, insideDensity) {
  const difference = outside - inside;
  if (difference === 0) return 0;
  const eased2 = Math.sqrt(Math.abs(difference) / (Math.abs(difference) + EASED));
  return difference > 0 ? eased2 * gasThroughNozzle(area, outside, outsideDensity, inside) : -eased2 * gasThroughNozzle(area, inside, insideDensity, outside);
}

// core/mechanisms/pump-down.ts
function leakIn(area, outside, temperature, inside) {
  const amount = AIR_GAS_CONSTANT * temperature;
  return openingFlow(area, outside, outside / amount, inside, inside / amount) * amount;
}
var PULL = 0.5;
var STANDSTILL = 1e-5;
var CLOSE = 2e-3;
var LIKE_BEFORE = 1.3;
var LEAST = 1;
function pressureWithSwelling(amount, beside, near2, volume) {
  if (!(amount > 0)) return 0;
  const errorAt = (pressure) => pressure * (volume(pressure) + beside) - amount;
  const close = 1e-8 * amount;
  const start = Math.max(amount / (volume(Math.max(near2, LEAST)) + beside), LEAST);
  const first = errorAt(start);
  if (Math.abs(first) < close) return start;
  let [a, errorA] = [start, first];
  let b = Math.max(LEAST, start * (1 - first / amount));
  for (let i = 0; i < 6 && b > 0.5 * start && b < 2 * start; i++) {
    const errorB = errorAt(b);
    if (Math.abs(errorB) < close) return b;
    const next2 = b - errorB * (b - a) / (errorB - errorA);
    [a, errorA] = [b, errorB];
    b = next2;
  }
  let low = start;
  let high = start;
  let [lowError, highError] = [first, first];
  for (let i = 0, factor = 0.98; i < 200 && lowError > 0; i++, factor *= 0.9) lowError = errorAt(low *= factor);
  for (let i = 0, factor = 1.02; i < 200 && highError < 0; i++, factor *= 1.1) highError = errorAt(high *= factor);
  return falsePosition(errorAt, [low, lowError], [high, highError], close);
}
function pumpDown(space, state3, options) {
  const { pump, outside, temperature, leakArea, contents } = space;
  const {
    tolerance,
    longest,
    events = [],
    peaks = [],
    standstill = contents === void 0,
    after: earlier = { resume: 0, strokes: 0 },
    onStep
  } = options;
  const gases = space.gases ?? 1;
  const size = gases + (contents?.scale.length ?? 0);
  const held = (s) => {
    let sum = 0;
    for (let i = 0; i < gases; i++) sum += s[i];
    return sum;
  };
  const asked = new Float64Array(size).fill(NaN);
  let lastPressure = NaN;
  const pressureOf = (s) => {
    let same = true;
    for (let i = 0; i < size; i++) {
      const now = s[i];
      if (now !== asked[i]) {
        same = false;
        asked[i] = now;
      }
    }
    return same ? lastPressure : lastPressure = space.pressure(held(s), 0, s);
  };
  const scale = new Float64Array(size);
  for (let i = 0; i < gases; i++) scale[i] = 0.01 * held(state3);
  contents?.scale.forEach((typical, i) => {
    scale[gases + i] = typical;
  });
  const steady = pump.kind === "steady" ? pump : void 0;
  const system = {
    size,
    scale,
    dependsOnTime: false,
    derivatives(time2, s, slope) {
      const pressure2 = pressureOf(s);
      const taken = steady ? steady.speed * (pressure2 - steady.ultimate) / Math.max(held(s), 1e-12) : 0;
      for (let i = 0; i < size; i++) slope[i] = i < gases ? -taken * s[i] : 0;
      slope[0] += leakIn(leakArea, outside, temperature, pressure2);
      contents?.rates(time2, pressure2, s, slope);
    }
  };
  const integrator3 = integratorOf(size);
  const occurrences = [];
  const odeEvents = events.map((e) => ({
    id: e.id,
    direction: e.direction,
    stops: e.stops,
    value: (t, s) => e.value(t, pressureOf(s), s)
  }));
  const odePeaks = peaks.map((k) => ({ id: k.id, value: (t, s) => k.value(t, pressureOf(s), s) }));
  const shown = (pressure2) => pressure2 < outside ? pressure2 : outside;
  let told2 = 0;
  const record = onStep && ((t, s) => onStep(told2 = Math.max(told2, t), shown(pressureOf(s)), s));
  if (steady) {
    const settled = {
      id: "standstill",
      direction: -1,
      stops: true,
      value: (_, s) => {
        const pressure2 = pressureOf(s);
        return pressure2 - steady.ultimate - leakIn(leakArea, outside, temperature, pressure2) / steady.speed - CLOSE * pressure2;
      }
    };
    const firstStep = 0.02 * held(state3) / Math.max(pressureOf(state3), 1) / steady.speed;
    const ended = integrator3.run(system, state3, earlier.resume, longest, {
      tolerance,
      firstStep,
      events: standstill ? [...odeEvents, settled] : odeEvents,
      peaks: odePeaks,
      onStep: record,
      between: record ? 1 : 0
    });
    return {
      time: ended.time,
      resume: ended.time,
      pressure: shown(pressureOf(state3)),
      strokes: 0,
      stoppedBy: ended.stoppedBy,
      occurrences: ended.occurrences.filter((o) => o.id !== "standstill"),
      peaks: ended.peaks
    };
  }
  const { swept, period, ultimate } = pump;
  const changing = leakArea > 0 || contents !== void 0;
  let { resume: time, strokes } = earlier;
  let resume = time;
  let pressure = pressureOf(state3);
  let afterLast = pressure;
  record?.(time, state3);
  const best = {};
  const offer = (id, peak) => {
    if (!(peak.value <= (best[id]?.value ?? -Infinity))) best[id] = peak;
  };
  const offerAll = () => {
    for (const { id, value } of peaks) offer(id, { time, value: value(time, pressure, state3) });
  };
  offerAll();
  let opening = Infinity;
  const leakSteady = leakIn(leakArea, outside, temperature, 0);
  const staysBetweenEvents = () => {
    const until = Math.min(longest, (strokes + 1) * period);
    const before = state3[0];
    const from = events.map((e) => e.value(time, pressure, state3));
    state3[0] = before + leakSteady * (until - time);
    const risen2 = pressureOf(state3);
    if (events.some((e, i) => e.value(until, risen2, state3) >= 0 !== from[i] >= 0)) {
      state3[0] = before;
      return false;
    }
    time = until;
    return true;
  };
  const end = (stoppedBy) => ({
    time,
    resume: Math.max(resume, time),
    pressure: shown(pressure),
    strokes,
    stoppedBy,
    occurrences,
    peaks: best
  });
  while (time < longest) {
    const strokeEnd = (strokes + 1) * period;
    const until = Math.min(longest, strokeEnd);
    const risen2 = pressure * (1 + leakSteady * (until - time) / Math.max(state3[0], 1e-12));
    if (contents === void 0 && leakArea > 0 && risen2 < CHOKED * outside && peaks.length === 0 && staysBetweenEvents()) {
      pressure = pressureOf(state3);
    } else if (changing) {
      const stage = integrator3.run(system, state3, time, until, {
        tolerance,
        firstStep: Math.min(until - time, LIKE_BEFORE * opening),
        explicitSteps: 60,
        events: odeEvents,
        peaks: odePeaks,
        ...contents && record && { onStep: record }
      });
      occurrences.push(...stage.occurrences);
      if (stage.opening > 0) opening = stage.opening;
      for (const { id } of peaks) offer(id, stage.peaks[id]);
      time = stage.time;
      pressure = pressureOf(state3);
      if (stage.stoppedBy !== void 0) return end(stage.stoppedBy);
    } else time = until;
    if (strokeEnd > longest + 1e-9) break;
    const before = held(state3);
    const total = before + ultimate * swept;
    const pressureAt = (drawn2) => space.pressure(total, drawn2, state3);
    const after = pressureAt(swept);
    const found = [];
    for (const event of events) {
      const [from, to] = [event.value(time, pressure, state3), event.value(time, after, state3)];
      if (!(event.direction > 0 ? from < 0 && to >= 0 : from > 0 && to <= 0)) continue;
      const opens = Math.min(swept, ultimate * swept / pressure);
      const sign = event.direction;
      const drawn2 = falsePosition(
        (x) => sign * event.value(time, pressureAt(x), state3),
        [opens, sign * from],
        [swept, sign * to],
        0
      );
      found.push({ event, drawn: drawn2, time: time - PULL * period * (1 - drawn2 / swept) });
    }
    if (found.length > 1) found.sort((a, b) => a.time - b.time);
    const stop = found.find((f) => f.event.stops);
    for (const f of found) if (!stop || f.time <= stop.time) occurrences.push({ id: f.event.id, time: f.time });
    const drawn = stop?.drawn ?? swept;
    pressure = stop ? pressureAt(drawn) : after;
    const kept = (total - pressure * drawn) / before;
    for (let i = 0; i < gases; i++) state3[i] *= kept;
    strokes++;
    resume = strokeEnd;
    if (stop) time = stop.time;
    record?.(time, state3);
    offerAll();
    if (stop) return end(stop.event.id);
    if (standstill && Math.abs(afterLast - pressure) < STANDSTILL * outside) return end("standstill");
    afterLast = pressure;
  }
  return end(void 0);
}

// core/mechanisms/rubber-balloon.ts
function skinPressure(rubber, stretch) {
  if (stretch <= 1) return 0;
  const inverse = 1 / stretch;
  const cube = inverse * inverse * inverse;
  return 2 * rubber.modulus * rubber.wall / rubber.radius * (inverse - cube * cube * inverse) * (1 + rubber.stiffening * stretch * stretch);
}
function skinSlope(rubber, stretch) {
  if (stretch <= 1) return 0;
  const inverse = 1 / stretch;
  const square = inverse * inverse;
  const sixth = square * square * square;
  const stiffer = rubber.stiffening * stretch * stretch;
  return 2 * rubber.modulus * rubber.wall / rubber.radius * (square * (7 * sixth - 1) * (1 + stiffer) + 2 * rubber.stiffening * (1 - sixth));
}
var NEWTON_TURNS = 6;
function balloonVolume(rubber, stretch) {
  const radius = rubber.radius * stretch;
  return 4 / 3 * Math.PI * radius * radius * radius;
}
function hump(rubber) {
  let most = 0;
  for (let stretch = 1; stretch < 2; stretch += 0.01) most = Math.max(most, skinPressure(rubber, stretch));
  return most;
}
var heldAt = (rubber, stretch, outside) => (outside + skinPressure(rubber, stretch)) * balloonVolume(rubber, stretch);
function restingStretch(rubber, amount, outside, from = 0.05) {
  let low = from;
  let high = from;
  const ceiling = rubber.burst * 1.02;
  while (high < ceiling && heldAt(rubber, high, outside) < amount) {
    low = high;
    high = Math.max(high * 1.02, high + 2e-3);
  }
  if (high >= ceiling) return ceiling;
  const lowError = heldAt(rubber, low, outside) - amount;
  if (lowError >= 0) return low;
  const highError = heldAt(rubber, high, outside) - amount;
  const close = 1e-9 * amount;
  let stretch = low + (high - low) * lowError / (lowError - highError);
  for (let i = 0; i < NEWTON_TURNS && stretch > low && stretch < high; i++) {
    const volume = balloonVolume(rubber, stretch);
    const skin = skinPressure(rubber, stretch);
    const error = (outside + skin) * volume - amount;
    if (Math.abs(error) <= close) return stretch;
    stretch -= error / (volume * (skinSlope(rubber, stretch) + 3 * (outside + skin) / stretch));
  }
  return falsePosition((x) => heldAt(rubber, x, outside) - amount, [low, lowError], [high, highError], close);
}

// core/catalogue/vacuum/rubber-inputs.ts
var slackBalloon = (across) => blank("balloonSlack", "balloon just round, not stretched", "cm", "vessel", across, [0.01, 0.2], [0.02, 0.09], 0.04);
var RUBBER = defineInputs([
  coefficient(
    "rubberWall",
    "wall of the slack balloon",
    "mm",
    25e-5,
    [5e-5, 15e-4],
    [15e-5, 5e-4],
    0.12,
    "two walls of an empty party balloon are some half a millimetre; measure with a calliper"
  ),
  coefficient(
    "rubberModulus",
    "stiffness of the rubber",
    "MPa",
    3e5,
    [1e5, 15e5],
    [2e5, 5e5],
    0.15,
    "M\xFCller & Strehlow, Rubber and Rubber Balloons (2004), ch. 2: s\u208A about 3 bar"
  ),
  coefficient(
    "rubberStiffening",
    "stiffening at large stretch",
    "%",
    0.1,
    [0.01, 0.5],
    [0.05, 0.2],
    0.2,
    "the same: K about 0.1"
  ),
  coefficient(
    "burstStretch",
    "stretch at which it bursts",
    "1",
    5.8,
    [2, 9],
    [4.5, 7],
    { shape: "normal", relative: 0.1 },
    "latex tears at five to seven times its length (Merritt & Weinhaus 1978; M\xFCller & Strehlow 2004); old rubber earlier"
  )
]);
var rubberOf = ({
  numbers: n
}) => ({
  radius: n.balloonSlack / 2,
  wall: n.rubberWall,
  modulus: n.rubberModulus,
  stiffening: n.rubberStiffening,
  burst: n.burstStretch
});

// core/catalogue/vacuum/balloon-emptied/simulate.ts
var COLUMNS = [{ id: "balloonAcross", name: "balloon across", quantity: "length" }];
var FLAT = 0.03;
var FLAT_LOOKS = 0.02;
var ENOUGH = 0.02;
var HOSE = 4e-5;
var HosedBalloon = class {
  constructor(rubber, outside) {
    this.rubber = rubber;
    this.outside = outside;
    this.slack = balloonVolume(rubber, 1);
  }
  rubber;
  outside;
  slack;
  /** Stretch and pressure at which balloon, hose and so much room beside them hold an amount (J). */
  at(amount, beside) {
    const { rubber, outside, slack } = this;
    const room = HOSE + beside;
    const limp = amount / outside - room;
    if (limp <= FLAT * slack)
      return { stretch: pow(FLAT, 1 / 3), pressure: Math.max(0, amount) / (room + FLAT * slack) };
    if (limp <= slack) return { stretch: pow(limp / slack, 1 / 3), pressure: outside };
    const error = (stretch2) => heldAt(rubber, stretch2, outside) + (outside + skinPressure(rubber, stretch2)) * room - amount;
    const widest = pow(limp / slack, 1 / 3);
    const stretch = falsePosition(error, [1, error(1)], [widest, error(widest)], 1e-11 * amount);
    return { stretch, pressure: outside + skinPressure(rubber, stretch) };
  }
};
function simulate(values, detail, refinement = 1) {
  const n = values.numbers;
  const outside = n.stationPressure;
  const rubber = rubberOf(values);
  const pump = pumpOf(values);
  const rows = detail === "trace" ? new TraceRows([...GAS_COLUMNS, ...COLUMNS]) : void 0;
  const balloon = new HosedBalloon(rubber, outside);
  const density = 1 / (AIR_GAS_CONSTANT * n.airTemperature);
  const start = n.balloonStart / (2 * rubber.radius);
  const first = outside + skinPressure(rubber, start);
  const amount = Float64Array.of(heldAt(rubber, start, outside) + first * HOSE);
  const nearly = pump.ultimate + ENOUGH * outside;
  const { pressure, time, strokes, occurrences } = pumpDown(
    {
      pump,
      outside,
      temperature: n.airTemperature,
      leakArea: 0,
      pressure: (held, beside) => balloon.at(held, beside).pressure
    },
    amount,
    {
      tolerance: stepTolerance(detail, refinement),
      longest: n.pumpTime,
      standstill: false,
      onStep: rows && ((t, p, s) => rows.add(t, {
        pressure: p,
        gasTemperature: n.airTemperature,
        airMass: s[0] * density,
        steamMass: 0,
        balloonAcross: 2 * rubber.radius * (t > 0 && p < outside ? FLAT_LOOKS : balloon.at(s[0], 0).stretch)
      })),
      events: [
        { id: "flat", direction: -1, stops: false, value: (_, p) => p - outside * (1 - 1e-6) },
        { id: "enough", direction: -1, stops: true, value: (_, p) => p - nearly }
      ]
    }
  );
  const flatAt = occurrences.find((o) => o.id === "flat")?.time;
  const difference = outside - pressure;
  const squeezed = difference * Math.PI * rubber.radius * rubber.radius;
  return {
    results: {
      finalPressure: pressure,
      timeToPump: time,
      ...!isDriven(values) && { strokes },
      peakPressureDifference: Math.max(0, difference),
      greatestPossible: outside - pump.ultimate,
      squeeze: Math.max(0, squeezed),
      ...flatAt !== void 0 && { hush: flatAt }
    },
    events: flatAt === void 0 ? [] : [{ id: "flat", name: "flat", time: flatAt }],
    outcome: flatAt === void 0 ? "open" : "flat",
    details: {
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      first,
      difference,
      ...flatAt !== void 0 && { goneAt: flatAt }
    },
    trace: rows && (() => {
      rows.stage("hush", "emptying", flatAt ?? time);
      rows.stage("after", "squeeze", time);
      return rows.finish();
    })()
  };
}

// core/catalogue/vacuum/balloon-emptied/inputs.ts
var inputs = defineInputs([
  ...ROOM_INPUTS,
  slackBalloon(0.06),
  blank("balloonStart", "blown up to", "cm", "load", 0.14, [0.02, 0.5], [0.06, 0.28], 0.03, { lever: [-0.03, 0.03] }),
  pumpChoice("membrane"),
  ...PUMP_INPUTS,
  pumpingTime(120),
  ...RUBBER
]);
var check = ({ numbers: n }) => over(n.balloonStart, n.balloonSlack * n.burstStretch) ? [
  {
    input: "balloonStart",
    message: say`given ${asLength(n.balloonStart, { digits: 4 })}; accepted: at most
            ${asLength(n.balloonSlack * n.burstStretch, { digits: 4, toward: "below" })}, where this balloon bursts`
  }
] : [];

// core/catalogue/vacuum/balloon-emptied/outcomes.ts
var logged = { used: ["balloonStart", "pumpSpeed"], seen: ["hush", "finalPressure"] };
var results = [
  result("hush", "until it is flat", "s", HUSH),
  result("finalPressure", "pressure in the hose at the end", "kPa"),
  result("peakPressureDifference", "greatest pressure difference", "kPa"),
  result("greatestPossible", "most that this pump can reach here", "kPa"),
  result("squeeze", "room pressing the two skins together", "N"),
  result("timeToPump", "time at the pump", "s"),
  result("strokes", "strokes", "1")
];
var outcomes = [
  { id: "flat", look: "gone", name: "pressed flat", sentence: "The balloon shrinks, wrinkles and is pressed flat." },
  {
    id: "open",
    look: "nothing",
    name: "not yet flat",
    sentence: "The balloon gets smaller but is not flat when the pump stops."
  }
];
var ledger = ({ details: d }) => ({
  moment: "at the end of the pumping",
  difference: d.difference,
  rows: [
    { id: "pumped", cause: "air taken out by the pump", pressure: d.first - d.stationPressure + d.difference },
    { id: "skin", cause: "the stretched skin, gone slack (gives back)", pressure: d.stationPressure - d.first }
  ]
});
var sizes = (values, s) => [
  {
    id: "squeeze",
    name: "room pressing the skins together",
    value: s.results.squeeze,
    quantity: "force",
    units: ["N", "lbf"],
    note: "difference \xD7 the slack balloon\u2019s cross-section"
  },
  {
    id: "most",
    name: "most any pump could do",
    value: values.numbers.stationPressure,
    quantity: "pressure",
    units: ["kPa", "psi"],
    note: "the pressure of the room"
  }
];

// core/catalogue/vacuum/balloon-emptied/procedure.ts
var shelf = [{ step: "pump", kind: "pump" }];
var procedure = [
  {
    id: "balloon",
    hazards: ["burst"],
    parts: [
      "Pull a balloon (",
      { input: "balloonSlack" },
      " across before it stretches), blown up to ",
      { input: "balloonStart" },
      ", over the hose and bind it."
    ]
  },
  {
    id: "pump",
    hazards: ["vacuum"],
    marks: ["sealed"],
    parts: (values) => ["Pump with a ", ...pumpWords(values), " for at most ", { input: "pumpTime" }, "."],
    duration: (s) => s.results.hush
  },
  { id: "compare", parts: ["Again with another pump: it is flat sooner or later, not flatter."] }
];
var kit = () => [
  "round balloons",
  "pump and hose",
  "thread or cable tie",
  "gauge",
  "stopwatch",
  "eye protection"
];

// core/catalogue/vacuum/balloon-emptied/drawing.ts
var drawing = (values, s, time) => {
  const n = values.numbers;
  const across = valueAt(s.trace, "balloonAcross", time);
  const pressure = valueAt(s.trace, "pressure", time);
  const flat = across < 0.1 * n.balloonSlack;
  const size = Math.max(n.balloonStart, n.balloonSlack);
  const middle = 0.75 * size;
  const gap = 0.14 * size;
  const width = flat ? n.balloonSlack : Math.max(across, n.balloonSlack * 0.9);
  const high = flat ? 0.12 * n.balloonSlack : across;
  const shapes = [
    { kind: "body", points: rectangle(1.15 * size, 0, 0.5 * size, 0.5 * size), stuff: "metal" },
    {
      kind: "body",
      points: [
        [width / 2, middle],
        [0.9 * size, middle],
        [1 * size, 0.4 * size],
        [1.15 * size, 0.3 * size]
      ],
      stuff: "rubber",
      open: true,
      thick: 5
    },
    { kind: "round", at: [0, middle], across: width, high, stuff: "rubber", opacity: 0.8 },
    ...flat ? [
      {
        kind: "body",
        points: arch(0, middle, width * 0.32, 0.03 * size, 6),
        stuff: "ink",
        open: true,
        thick: 1
      }
    ] : [],
    ...[-0.45, 0, 0.45].flatMap((x) => [
      {
        kind: "push",
        stuff: "outside-air",
        from: [x * width, middle + high / 2 + gap + 0.12 * size],
        to: [x * width, middle + high / 2 * Math.sqrt(1 - x * x) + 0.02 * size]
      },
      {
        kind: "push",
        stuff: "outside-air",
        from: [x * width, middle - high / 2 - gap - 0.12 * size],
        to: [x * width, middle - high / 2 * Math.sqrt(1 - x * x) - 0.02 * size]
      }
    ]),
    {
      kind: "note",
      at: [-0.75 * size, middle],
      anchor: "end",
      stuff: "outside-air",
      said: ["outside ", kPa(n.stationPressure)]
    },
    {
      kind: "note",
      at: [1.4 * size, 0.6 * size],
      anchor: "middle",
      stuff: "ink",
      said: ["in the hose ", kPa(pressure)]
    }
  ];
  return {
    frame: { left: -1.7 * size, right: 1.9 * size, bottom: 0, top: 1.5 * size },
    shapes,
    caption: [
      flat ? "Flat: two skins pressed together by the room." : "The pump takes air; the room keeps it at its own pressure by pushing the skin in."
    ]
  };
};

// core/catalogue/vacuum/balloon-emptied/teaching.ts
var why = (values, s) => [
  say`The pump never pulls at the rubber. It takes air away, and the room, with
    ${asPressure(values.numbers.stationPressure)}, pushes the skin after it.
    ${s.results.hush === void 0 ? "Not enough was taken in the time." : say`After ${asTime(s.results.hush)} the skins meet.`}`,
  say`A bigger pump is faster, not stronger: the most that can ever press is the room's
    ${asPressure(values.numbers.stationPressure)}; this pump leaves ${asPressure(values.numbers.ultimatePressure)}
    and so reaches ${asPressure(s.results.greatestPossible)}.`
];
var explanation = (values, s) => [
  {
    from: 7,
    text: "The pump takes the air out of the balloon. The air in the room then squeezes the balloon flat, like a big soft hand."
  },
  {
    from: 11,
    text: say`As long as there is air inside, it stands against the room. Once it is gone the room's air presses
      the two skins together with ${asForce(s.results.squeeze)}.`
  },
  {
    from: 14,
    text: say`A pump of twice the speed needs half the time. The end is the same: pressure outside less pressure
      inside can't be more than ${asPressure(values.numbers.stationPressure)} here.`
  },
  {
    from: 16,
    text: say`While the skin is slack the air stays at the room's pressure and the volume falls at the pumping
      speed, V = V0 − S t. Once it is flat only the hose is left and its pressure falls exponentially to
      ${asPressure(values.numbers.ultimatePressure)}.`
  }
];
var teaching = {
  wrongIdea: {
    idea: "A stronger pump would suck it flatter.",
    answer: "A pump can only take away what pushes from inside. When nothing is left there, the room\u2019s pressure is all there is, whatever the pump."
  },
  before: ["What flattens it: the pump or something else?", "Will a pump of twice the speed press it twice as hard?"],
  after: [
    "Why is there a limit to how hard it is pressed?",
    "Where would it be pressed less: here or on a high mountain?"
  ],
  elsewhere: [
    "Food in vacuum bags.",
    "Clothes bags for travel.",
    "A carton when you drink its last drop.",
    "A vacuum mattress for patients."
  ]
};
var variants = (values) => sideBySide(
  "Pumps side by side",
  values,
  simulate,
  ["hush", "greatestPossible"],
  [
    {
      name: "half this speed",
      numbers: { pumpSpeed: values.numbers.pumpSpeed / 2, strokeVolume: values.numbers.strokeVolume / 2 }
    },
    { name: "this pump" },
    {
      name: "twice this speed",
      numbers: { pumpSpeed: values.numbers.pumpSpeed * 2, strokeVolume: values.numbers.strokeVolume * 2 }
    },
    { name: "a perfect vacuum", numbers: { ultimatePressure: 1 } }
  ]
);

// core/catalogue/vacuum/balloon-emptied/index.ts
var balloonEmptied = defineDemonstration({
  id: "balloon-emptied",
  name: "Balloon pumped flat",
  summary: "A balloon on the pump\u2019s hose: the room presses it flat, and no pump presses harder than the room.",
  noun: ["balloon", "balloons"],
  people: { performs: 11, watches: 9 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: "vacuum",
    effect: "A balloon on a hose shrivels and packs into a hard lump.",
    topics: ["air pressure", "vacuum"],
    ages: [9, 18]
  },
  hushWords: { inside: "air left in the balloon", strength: "" },
  wanted: "flat",
  columns: [...GAS_COLUMNS, ...COLUMNS],
  suspects: VACUUM_SUSPECTS,
  simulate,
  inputs,
  check,
  logged,
  results,
  outcomes,
  ledger,
  sizes,
  shelf,
  procedure,
  kit,
  drawing,
  why,
  explanation,
  teaching,
  variants
});

// core/catalogue/holding/balloon-in-glass/cautions.ts
var gates2 = [
  {
    step: "blow",
    text: "A clean mouthpiece for each; glass without a chip, on a cloth; faces off the balloon.",
    guards: ["burst", "load"]
  }
];
var cautions2 = (_values, _s, risk) => applying(
  balloons("place", 7),
  bursts("The balloon", risk.share("bursts"), "blow"),
  dropped("lift", "A glass that slips breaks")
);
var afterFailure2 = (_values, _s, _risk, outcome) => [
  standBack("Glass on the cloth; hands off it."),
  pressureOff("Let the air out of the balloon, away from faces."),
  near(outcome === "bursts" ? "Pick up every piece of rubber; look for splinters." : "Dry glass and balloon."),
  next(outcome === "bursts" ? "Less air; a fresh balloon." : "Deeper in, then blow; a lighter cup.")
];

// core/catalogue/holding/balloon-in-glass/simulate.ts
var COLUMNS2 = [
  ...GAS_COLUMNS,
  { id: "balloonAcross", name: "balloon across", quantity: "length" },
  { id: "grip", name: "friction it could give", quantity: "force" },
  { id: "lifted", name: "lifted", quantity: "fraction" }
];
var BREATH = 35e-5;
function simulate2(values, detail) {
  const n = values.numbers;
  const outside = n.stationPressure;
  const temperature = n.airTemperature;
  const rubber = rubberOf(values);
  const rows = detail === "trace" ? new TraceRows(COLUMNS2) : void 0;
  const inGlass = n.glassDiameter / (2 * rubber.radius);
  const taken = 0.5 * skinPressure(rubber, inGlass);
  const contactArea = Math.PI * n.glassDiameter * n.insertDepth * n.contactShare;
  const weight = n.glassMass * GRAVITY * n.jerk;
  const gripAt = (across) => {
    const stretch = across / (2 * rubber.radius);
    const over2 = skinPressure(rubber, stretch);
    const contact = across <= n.glassDiameter ? 0 : Math.max(0, over2 - taken);
    return { pressure: outside + over2, contact, grip: contact * contactArea * n.friction };
  };
  const end = n.blownTo;
  const burst = end / (2 * rubber.radius) >= rubber.burst;
  const most = burst ? rubber.burst * 2 * rubber.radius : end;
  const duration = balloonVolume(rubber, most / (2 * rubber.radius)) / BREATH;
  let best = 0;
  const STEPS4 = 60;
  for (let i = 0; i <= STEPS4; i++) {
    const across = 2 * rubber.radius * 0.6 + (most - 2 * rubber.radius * 0.6) * i / STEPS4;
    const now = gripAt(across);
    best = Math.max(best, now.grip);
    rows?.add(duration * i / STEPS4, {
      pressure: now.pressure,
      gasTemperature: temperature,
      airMass: now.pressure * balloonVolume(rubber, across / (2 * rubber.radius)) / (AIR_GAS_CONSTANT * temperature),
      steamMass: 0,
      balloonAcross: across,
      grip: now.grip,
      lifted: 0
    });
  }
  const last = gripAt(most);
  const holds = !burst && last.grip >= weight;
  const row = (lifted) => ({
    pressure: burst ? outside : last.pressure,
    gasTemperature: temperature,
    airMass: burst ? 0 : last.pressure * balloonVolume(rubber, most / (2 * rubber.radius)) / (AIR_GAS_CONSTANT * temperature),
    steamMass: 0,
    balloonAcross: burst ? 0.01 : most,
    grip: burst ? 0 : last.grip,
    lifted
  });
  for (let i = 1; i <= 10; i++) rows?.add(duration + 0.2 * i, row(holds ? i / 10 : 0));
  return {
    results: {
      skinPressure: last.pressure - outside,
      contactPressure: last.contact,
      grip: last.grip,
      weight,
      safetyFactor: last.grip / weight,
      bestGrip: best,
      peakPressureDifference: last.pressure - outside,
      timeToBlow: duration,
      ...holds && { hush: duration }
    },
    events: burst ? [{ id: "burst", name: "bursts", time: duration }] : holds ? [{ id: "lift", name: "lifts", time: duration }] : [],
    outcome: burst ? "bursts" : holds ? "lifts" : "slides",
    details: {
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      taken,
      contact: last.contact,
      difference: last.pressure - outside,
      ...holds && { goneAt: duration }
    },
    trace: rows && (() => {
      rows.stage("hush", "blowing up", duration);
      rows.stage("after", burst ? "burst" : "lifting", duration + 2);
      return rows.finish();
    })()
  };
}

// core/catalogue/holding/balloon-in-glass/inputs.ts
var SURFACES = {
  dry: { name: "dry", friction: 0.8 },
  damp: { name: "damp", friction: 0.45 },
  wet: { name: "wet or soapy", friction: 0.12 }
};
var inputs2 = defineInputs([
  ...ROOM_INPUTS,
  slackBalloon(0.05),
  blank("glassDiameter", "glass across inside", "cm", "vessel", 0.068, [0.02, 0.3], [0.05, 0.1], 0.01),
  blank("insertDepth", "balloon down in it", "cm", "load", 0.06, [5e-3, 0.3], [0.02, 0.12], 0.08, {
    lever: [-0.02, 0.02]
  }),
  blank("glassMass", "glass with what is in it", "g", "load", 0.25, [0.01, 5], [0.05, 1], 0.02, {
    lever: [-0.1, 0.2, 0.5]
  }),
  blank("blownTo", "balloon above the rim blown to", "cm", "load", 0.14, [0.03, 0.5], [0.08, 0.25], 0.05, {
    lever: [-0.03, 0.03]
  }),
  {
    id: "surface",
    name: "glass inside",
    kind: "choice",
    group: "load",
    default: "dry",
    lever: true,
    choices: Object.entries(SURFACES).map(([id, { name }]) => ({ id, name }))
  },
  coefficient(
    "friction",
    "friction of rubber on glass",
    "%",
    (v) => (SURFACES[v.choices.surface ?? ""] ?? SURFACES.dry).friction,
    [0.02, 2],
    [0.1, 1.2],
    0.2,
    "soft rubber on dry glass 0.6 to 1 and more, wet a fifth; CRC Handbook, from memory"
  ),
  coefficient(
    "contactShare",
    "share of the wall that it touches",
    "%",
    0.7,
    [0.1, 1],
    [0.4, 0.9],
    { shape: "uniform", below: 0.15, above: 0.15 },
    "a round balloon in a round glass; assumption"
  ),
  coefficient(
    "jerk",
    "pull against the weight at rest",
    "1",
    1.15,
    [1, 3],
    [1, 2],
    { shape: "triangular", below: 0.13, above: 0.25 },
    "lifted smoothly; assumption"
  ),
  ...RUBBER
]);
var check2 = ({ numbers: n }) => n.glassDiameter < n.balloonSlack * 1.02 ? [
  {
    input: "glassDiameter",
    message: say`given ${asLength(n.glassDiameter, { digits: 4 })}; accepted: more than the slack balloon,
            ${asLength(n.balloonSlack * 1.02, { digits: 4, toward: "above" })}`
  }
] : [];

// core/catalogue/holding/balloon-in-glass/outcomes.ts
var logged2 = { used: ["blownTo", "glassMass"], seen: ["hush"] };
var results2 = [
  result("grip", "friction can hold", "N"),
  result("weight", "glass pulls with", "N"),
  result("safetyFactor", "friction over pull", "1"),
  result("skinPressure", "balloon over the room", "kPa"),
  result("contactPressure", "it presses on the glass with", "kPa"),
  result("bestGrip", "best friction on the way", "N"),
  result("peakPressureDifference", "greatest pressure difference", "kPa"),
  result("timeToBlow", "time to blow it up", "s"),
  result("hush", "until it lifts", "s", HUSH)
];
var outcomes2 = [
  { id: "lifts", look: "gone", name: "lifts the glass", sentence: "The balloon lifts the glass." },
  { id: "slides", look: "nothing", name: "slides out", sentence: "The balloon slides out and the glass stays." },
  { id: "bursts", look: "harm", name: "bursts", sentence: "The balloon bursts." }
];
var ledger2 = ({ details: d }) => ({
  moment: "blown up: a negative difference is more inside than outside",
  difference: -d.difference,
  rows: [
    { id: "skin", cause: "what stretching the skin in the glass takes up", pressure: -Math.min(d.taken, d.difference) },
    {
      id: "air",
      cause: "left over to press on the glass",
      pressure: -(d.difference - Math.min(d.taken, d.difference))
    }
  ]
});
var sizes2 = (_values, s) => [
  {
    id: "grip",
    name: "friction can hold",
    value: s.results.grip,
    quantity: "force",
    units: ["N", "lbf"],
    note: "contact pressure \xD7 wall touched \xD7 friction"
  }
];

// core/catalogue/holding/balloon-in-glass/procedure.ts
var shelf2 = [];
var procedure2 = [
  {
    id: "place",
    parts: [
      "Hang a balloon (",
      { input: "balloonSlack" },
      " across before it stretches) ",
      { input: "insertDepth" },
      " deep into a ",
      { input: "surface" },
      " glass, ",
      { input: "glassDiameter" },
      " across inside, ",
      { input: "glassMass" },
      " in all."
    ]
  },
  {
    id: "blow",
    hazards: ["burst"],
    marks: ["sealed"],
    parts: ["Blow it up to ", { input: "blownTo" }, " across above the rim; pinch it."],
    duration: (s) => s.results.timeToBlow
  },
  { id: "lift", hazards: ["load"], parts: ["Lift it by the balloon, over a cloth."] }
];
var kit2 = () => [
  "round balloons",
  "tumblers of several weights",
  "cloth",
  "water to weigh them down",
  "kitchen scale"
];

// core/catalogue/holding/balloon-in-glass/drawing.ts
var drawing2 = (values, s, time) => {
  const n = values.numbers;
  const [across, lifted, pressure, grip] = ["balloonAcross", "lifted", "pressure", "grip"].map(
    (c) => valueAt(s.trace, c, time)
  );
  const [d, deep] = [n.glassDiameter, n.insertDepth];
  const h = Math.max(deep * 1.4, d * 1.2);
  const up = lifted * 0.4 * h;
  const wall = [
    [-d / 2, up + h],
    [-d / 2, up + 3e-3],
    [d / 2, up + 3e-3],
    [d / 2, up + h]
  ];
  const inside = Math.min(across, d);
  const outer = Math.max(across, 0.012);
  const shapes = [
    {
      kind: "body",
      points: [
        [-inside * 0.46, up + h - deep],
        [-inside / 2, up + h - deep * 0.75],
        [-inside / 2, up + h],
        [inside / 2, up + h],
        [inside / 2, up + h - deep * 0.75],
        [inside * 0.46, up + h - deep]
      ],
      stuff: "rubber",
      opacity: 0.8
    },
    { kind: "round", at: [0, up + h + outer * 0.36], across: outer, high: outer * 0.95, stuff: "rubber", opacity: 0.8 },
    { kind: "body", points: wall, stuff: "glass", open: true, thick: 4 },
    ...across > d ? [0.3, 0.6].flatMap(
      (share) => [-1, 1].map((side) => ({
        kind: "push",
        stuff: "inside-air",
        from: [side * d * 0.2, up + h - deep * share],
        to: [side * d * 0.48, up + h - deep * share]
      }))
    ) : [],
    {
      kind: "note",
      at: [d * 1.1, up + h * 0.6],
      anchor: "start",
      stuff: "ink",
      said: ["friction ", said(grip, "force", "N", "lbf")]
    },
    {
      kind: "note",
      at: [-d * 1.1, up + h * 0.6],
      anchor: "end",
      stuff: "ink",
      said: ["in the balloon ", kPa(pressure)]
    },
    {
      kind: "note",
      at: [-d * 1.1, up + h * 0.35],
      anchor: "end",
      stuff: "outside-air",
      said: ["outside ", kPa(n.stationPressure)]
    }
  ];
  const size = Math.max(n.blownTo, d);
  return {
    frame: { left: -2.2 * size, right: 2.2 * size, bottom: 0, top: 1.4 * h + 0.9 * size },
    shapes,
    caption: [
      lifted > 0.1 ? "Up it goes: friction carries it." : across > d ? "It presses on the wall all round." : "Not yet touching."
    ]
  };
};

// core/catalogue/holding/balloon-in-glass/teaching.ts
var why2 = (values, s) => [
  say`Blown to ${asLength(values.numbers.blownTo)}, the skin presses the air ${asPressure(s.results.skinPressure)}
    over the room. Stretching the part in the glass takes some; ${asPressure(s.results.contactPressure)} are left
    to press on the wall, and friction turns that into ${asForce(s.results.grip)}.`,
  s.outcome === "lifts" ? say`The glass pulls with ${asForce(s.results.weight)}.` : s.outcome === "bursts" ? "It was stretched too far." : say`The glass pulls with ${asForce(s.results.weight)}: dry the glass, put the balloon deeper, or take a
        lighter one. Blown larger the skin does not press harder at first: it presses less.`
];
var explanation2 = (_values, s) => [
  {
    from: 5,
    text: "The balloon gets fat and presses against the glass from inside. It holds so tight that you can lift it."
  },
  {
    from: 11,
    text: say`The air in the balloon presses outwards all round. Rubber on glass grips:
      ${asForce(s.results.grip)}, more than the glass weighs or not.`
  },
  {
    from: 14,
    text: say`Friction is coefficient × pressing force. The pressing force is
      ${asPressure(s.results.contactPressure)} times the wall that is touched.`
  },
  {
    from: 16,
    text: say`A balloon’s pressure has a hump at a stretch of about ${asNumber(1.4, 2)} and then falls: blowing
      more does not always press more. What counts is the excess over what the cylinder in the glass needs for its
      own stretch, about half a sphere’s.`
  }
];
var teaching2 = {
  wrongIdea: {
    idea: "The balloon is light, like a flying balloon, so it lifts.",
    answer: "It does not fly: the hand lifts it. The air only presses the rubber to the glass."
  },
  before: ["Would it work with a soapy glass?", "Will a bigger balloon hold better?"],
  after: ["What does the air do here?", "What would a heavier glass need?"],
  elsewhere: ["Drain stoppers that are pumped up.", "Blood pressure cuffs.", "Grippers that lift bottles by the neck."]
};

// core/catalogue/holding/balloon-in-glass/index.ts
var balloonInGlass = defineDemonstration({
  id: "balloon-in-glass",
  name: "Balloon lifts a glass",
  summary: "A balloon blown up inside a glass presses on its wall and lifts it.",
  noun: ["balloon", "balloons"],
  people: { performs: 7, watches: 5 },
  gates: gates2,
  cautions: cautions2,
  afterFailure: afterFailure2,
  gallery: {
    family: "holding",
    effect: "A glass hangs from a balloon, held by nothing but air.",
    topics: ["air pressure", "friction"],
    ages: [5, 12]
  },
  hushWords: { inside: "air in the balloon", strength: "" },
  wanted: "lifts",
  columns: COLUMNS2,
  simulate: simulate2,
  inputs: inputs2,
  check: check2,
  logged: logged2,
  results: results2,
  outcomes: outcomes2,
  ledger: ledger2,
  sizes: sizes2,
  shelf: shelf2,
  procedure: procedure2,
  kit: kit2,
  drawing: drawing2,
  why: why2,
  explanation: explanation2,
  teaching: teaching2
});

// core/catalogue/steam/suspects.ts
var STEAM_SUSPECTS = [
  {
    id: "air",
    words: "air left inside",
    remedy: "let it boil on longer after the plume before it leaves the heat",
    inputs: [
      "purgeTime",
      "purgeMixing",
      "plumeVapourFraction",
      "heaterPower",
      "heatingEfficiency",
      "heaterLimit",
      "rinseContact",
      "filmSaturation",
      "pouringLoss",
      "swirling",
      "swirlTime",
      "airLeft"
    ],
    slips: [
      "purgeTime",
      "plumeVapourFraction",
      "heatingEfficiency",
      "rinseContact",
      "pouringLoss",
      "swirlTime",
      "airLeft"
    ]
  },
  {
    id: "carrying",
    words: "air got in between heat and seal",
    remedy: "rehearse it cold: fewer steps from the heat to the water, and quicker",
    inputs: ["transferTime", "sealDelay", "uprightShare"],
    slips: ["transferTime", "sealDelay"]
  },
  {
    id: "bath",
    words: "cooling water too warm, too little or too late",
    remedy: "more ice, stirred, and a thermometer in it",
    inputs: ["bathTemperature", "bathVolume", "iceMass", "coolantFlow", "poolDepth", "coolDelay", "stopperTime"],
    slips: ["bathTemperature", "coolantFlow", "coolDelay", "stopperTime"]
  },
  {
    id: "water",
    words: "hot water left inside",
    remedy: "less water to begin with",
    inputs: ["waterCharge", "chargeTemperature", "poolRetained"],
    slips: ["waterCharge", "poolRetained"]
  },
  {
    id: "leak",
    words: "the closure leaks",
    remedy: "a new seal, hand tight, wetted",
    inputs: ["leakArea"],
    reach: { leakArea: 5e-5 }
  },
  {
    id: "strength",
    words: "a stronger vessel than reckoned",
    remedy: "a thinner or larger vessel",
    inputs: [
      "wallThickness",
      "knockDown",
      "residualLoad",
      "packingStiffness",
      "hoopHolding",
      "hoopSpacing",
      "edgeHolding",
      "panelCrown",
      "vesselDiameter",
      "vesselHeight",
      "vesselWidth",
      "vesselDepth",
      "vesselVolume"
    ],
    slips: ["wallThickness", "knockDown"]
  },
  {
    id: "way-in",
    words: "water came in otherwise than reckoned",
    remedy: "hold the mouth deeper, straight down",
    inputs: [
      "mouthDepth",
      "mouthDiameter",
      "entryLoss",
      "mouthPassage",
      "plungeSpeed",
      "mouthClearance",
      "neckDiameter",
      "neckLength",
      "stemLength",
      "stemDiameter",
      "stemFriction"
    ],
    slips: ["mouthDepth", "plungeSpeed", "mouthClearance"]
  },
  {
    id: "cooling",
    words: "steam condensed otherwise than reckoned",
    remedy: "",
    inputs: [
      "airLayerFactor",
      "bathTransferFactor",
      "jetStanton",
      "sprayContact",
      "surfaceConductance",
      "wettedFactor"
    ]
  }
];
var GLASS_SUSPECTS = STEAM_SUSPECTS.map(
  (s) => s.id === "bath" ? {
    ...s,
    words: "water too warm, or too little of it",
    remedy: "a thermometer in it, and more of it: as planned, no colder than the glass bears"
  } : s.id === "way-in" ? { ...s, remedy: "hold the mouth as planned, straight down, off the bottom" } : s
);

// core/mechanisms/convection.ts
var STEFAN_BOLTZMANN = 5670374419e-17;
var laminarFactor = (prandtl) => 0.67 / pow(1 + pow(0.492 / prandtl, 9 / 16), 4 / 9);
var AIR_PRANDTL = 0.71;
var AIR_LAMINAR = laminarFactor(AIR_PRANDTL);
var WATER_LAMINAR = laminarFactor(BATH_WATER.prandtl);
function roomLoss(height, room, pressure, emissivity) {
  const film = room + 35;
  const conductivity = airConductivity(film);
  const kinematic = airViscosity(film) * AIR_GAS_CONSTANT * film / pressure;
  const rayleighPerKelvin = GRAVITY / film * height * height * height / (kinematic * kinematic) * AIR_PRANDTL;
  return {
    still: 0.68 * conductivity / height,
    buoyant: AIR_LAMINAR * Math.sqrt(Math.sqrt(rayleighPerKelvin)) * conductivity / height,
    emissivity,
    room
  };
}
function roomLossFlux(loss, wall, forced = 0) {
  const excess = wall - loss.room;
  const root = Math.sqrt(Math.sqrt(excess > 0 ? excess : -excess));
  const natural = loss.still + loss.buoyant * root;
  const convection = forced > 0 ? Math.sqrt(natural * natural + forced * forced) : natural;
  const squares = wall * wall + loss.room * loss.room;
  return excess * (convection + loss.emissivity * STEFAN_BOLTZMANN * squares * (wall + loss.room));
}
function carriedCylinderConductance(diameter, speed, film, pressure) {
  const kinematic = airViscosity(film) * AIR_GAS_CONSTANT * film / pressure;
  const reynolds = speed * diameter / kinematic;
  return 0.683 * pow(reynolds, 0.466) * 0.891 * airConductivity(film) / diameter;
}
function bathConductance(depth, speed, excess) {
  const length2 = depth > 5e-3 ? depth : 5e-3;
  const reynolds = speed * length2 / BATH_WATER.kinematicViscosity;
  const forced = 0.664 * Math.sqrt(reynolds) * pow(BATH_WATER.prandtl, 1 / 3);
  const rayleigh = GRAVITY * BATH_WATER.expansion * Math.max(excess, 1) * length2 * length2 * length2 / (BATH_WATER.kinematicViscosity * BATH_WATER.diffusivity);
  const natural = 0.68 + WATER_LAMINAR * Math.sqrt(Math.sqrt(rayleigh));
  return pow(forced * forced * forced + natural * natural * natural, 1 / 3) * BATH_WATER.conductivity / length2;
}

// core/mechanisms/condensation.ts
function nusseltFilm(height, latentHeat2) {
  const { density, conductivity, viscosity } = CONDENSATE;
  const group = density * density * GRAVITY * latentHeat2 * conductivity * conductivity * conductivity / (viscosity * height);
  return 0.943 * Math.sqrt(Math.sqrt(group));
}
var TRACE_OF_AIR = 2e-4;
var MOST_RATIO = 60;
var airLayer = new CubicTable((root) => 380 * pow(root * root * root * root, -0.7), 0.118, 2.8, 2048);
function airLayerConductance(ratio) {
  const held = ratio < 0 ? 0 : ratio > MOST_RATIO ? MOST_RATIO : ratio;
  return airLayer.at(Math.sqrt(Math.sqrt(held + TRACE_OF_AIR)));
}
var SOFT_EDGE = 0.3;
function condensingFlux(film, difference, airConductance) {
  if (difference <= -SOFT_EDGE) return 0;
  const raised = difference + SOFT_EDGE;
  const driving = difference < SOFT_EDGE ? raised * raised / (4 * SOFT_EDGE) : difference;
  const filmConductance = film / Math.sqrt(Math.sqrt(driving > 1e-3 ? driving : 1e-3));
  return filmConductance * airConductance / (filmConductance + airConductance) * driving;
}

// core/mechanisms/purge.ts
function leavingAirFraction(airFraction, mixing) {
  return airFraction < mixing ? airFraction / mixing : 1;
}

// core/mechanisms/heating.ts
var LAST_DROP = 1e-5;
var LONGEST_HEATING = 3600;
var HEATING = { base: 0, wall: 1, airMoles: 2, water: 3, waterMass: 4 };
var INSIDE_GAS_CONDUCTANCE = 8;
var SURFACE_MASS_TRANSFER = 9e-3;
var NUCLEATE_BOILING = 140;
var HeatingSystem = class {
  constructor(plan3) {
    this.plan = plan3;
    const { vessel, room } = plan3;
    this.scale = Float64Array.of(
      10,
      10,
      0.02 * room.pressure * vessel.capacity / (GAS_CONSTANT * room.boilingPoint),
      10,
      0.02 * plan3.charge
    );
    for (const place of [HEATING.base, HEATING.wall, HEATING.water]) this.reference[place] = room.temperature;
    const perArea = vessel.solid.density * vessel.solid.specificHeat * vessel.wallThickness;
    this.baseCapacity = perArea * vessel.crossSection;
    this.wallCapacity = perArea * vessel.upperArea;
    this.film = nusseltFilm(vessel.height, quickLatentHeat(room.boilingPoint));
    const length2 = vessel.diameter / 4;
    this.poolBuoyancy = 0.54 * Math.sqrt(Math.sqrt(GRAVITY * 5e-4 * length2 * length2 * length2 / (5e-7 * 16e-8))) * 0.65 / length2;
  }
  plan;
  size = 5;
  scale;
  reference = new Float64Array(5);
  amounts = [HEATING.airMoles];
  mode = "warming";
  /**
   * The mass of water changes too slowly for its own effect on the rates to matter within a step, and once it boils its
   * temperature stands still.
   */
  get totals() {
    return this.mode === "warming" ? 1 : 2;
  }
  /** kg/s boiled off at the last evaluation */
  steam = 0;
  film;
  baseCapacity;
  wallCapacity;
  poolBuoyancy;
  /** Mean of the warm water (or the dry base) and the wall, K. */
  gasTemperature(state3) {
    const below = this.mode === "dry" ? state3[HEATING.base] : this.mode === "boiling" ? this.plan.room.boilingPoint : state3[HEATING.water];
    return (below + state3[HEATING.wall]) / 2;
  }
  /** Air and vapour above the water, mol. */
  gasMoles(state3) {
    const { vessel, room } = this.plan;
    const liquid = this.mode === "dry" ? 0 : state3[HEATING.waterMass] / quickLiquidDensity(this.mode === "boiling" ? room.boilingPoint : state3[HEATING.water]);
    return room.pressure * (vessel.capacity - liquid) / (GAS_CONSTANT * this.gasTemperature(state3));
  }
  /**
   * Time until dry if the boil went on, s; undefined if it never would. The wall first takes up what it lacks to the
   * boiling point, and then what it loses to the room; the rest of the steam leaves.
   */
  timeLeft(state3) {
    const { vessel, room } = this.plan;
    const latent = quickLatentHeat(room.boilingPoint);
    const leaving = this.steam - vessel.upperArea * roomLossFlux(room.loss, room.boilingPoint) / latent;
    const lacking = this.wallCapacity * Math.max(0, room.boilingPoint - state3[HEATING.wall]) / latent;
    return leaving > 0 ? (state3[HEATING.waterMass] + lacking) / leaving : void 0;
  }
  derivatives(_time, state3, slope) {
    const { vessel, room, heaterLimit, power, mixing, airLayerFactor } = this.plan;
    const base = state3[HEATING.base];
    const wall = state3[HEATING.wall];
    const waterMass = state3[HEATING.waterMass];
    const dry2 = this.mode === "dry";
    const water = this.mode === "boiling" ? room.boilingPoint : state3[HEATING.water];
    const supplied = power * Math.min(1.25, Math.max(0, (heaterLimit - base) / (heaterLimit - room.boilingPoint)));
    const gas = this.gasTemperature(state3);
    const gasMoles = this.gasMoles(state3);
    const airFraction = Math.min(1, Math.max(0, state3[HEATING.airMoles] / gasMoles));
    const vapourPressure = (1 - airFraction) * room.pressure;
    const latent = quickLatentHeat(water);
    const dewPoint = quickSaturationTemperature(vapourPressure);
    const massRatio = airFraction * AIR_MOLAR_MASS / ((1 - airFraction) * WATER_MOLAR_MASS + 1e-12);
    const condensingHeat = vessel.upperArea * condensingFlux(this.film, dewPoint - wall, airLayerFactor * airLayerConductance(massRatio));
    const condensed = condensingHeat / latent;
    const gasToWall = INSIDE_GAS_CONDUCTANCE * vessel.upperArea * (gas - wall);
    slope[HEATING.wall] = (condensingHeat + gasToWall - vessel.upperArea * roomLossFlux(room.loss, wall)) / this.wallCapacity;
    let evaporated = 0;
    if (dry2) {
      slope[HEATING.base] = (supplied - INSIDE_GAS_CONDUCTANCE * vessel.crossSection * (base - gas)) / this.baseCapacity;
      slope[HEATING.water] = 0;
    } else {
      const excess = base - water;
      const superheat = Math.max(0, base - room.boilingPoint);
      const buoyant = this.poolBuoyancy * Math.sqrt(Math.sqrt(Math.abs(excess)));
      const toWater = vessel.crossSection * (excess * (buoyant + 200) + NUCLEATE_BOILING * superheat * superheat * superheat);
      slope[HEATING.base] = (supplied - toWater) / this.baseCapacity;
      const returning = condensed * LIQUID_SPECIFIC_HEAT * (Math.min(wall, room.boilingPoint) - water);
      if (this.mode === "boiling") {
        evaporated = Math.max(0, (toWater + returning - gasToWall) / latent);
        slope[HEATING.water] = 0;
      } else {
        const surfacePressure = quickSaturationPressure(water);
        evaporated = (this.plan.stirring ?? 1) * SURFACE_MASS_TRANSFER * vessel.crossSection * (surfacePressure - vapourPressure) * WATER_MOLAR_MASS / (GAS_CONSTANT * water);
        slope[HEATING.water] = (toWater + returning - evaporated * latent - gasToWall) / (Math.max(waterMass, LAST_DROP) * LIQUID_SPECIFIC_HEAT);
      }
    }
    this.steam = evaporated;
    slope[HEATING.waterMass] = dry2 ? 0 : condensed - evaporated;
    const gasWarming = ((dry2 ? slope[HEATING.base] : slope[HEATING.water]) + slope[HEATING.wall]) / 2;
    const outflow = (evaporated - condensed) / WATER_MOLAR_MASS + gasMoles * gasWarming / gas;
    const leavingAir = leavingAirFraction(airFraction, mixing);
    slope[HEATING.airMoles] = outflow > 0 ? -leavingAir * outflow : -(1 - room.vapourFraction) * outflow;
  }
};
var integrator = new Integrator(5);
function heat(plan3, state3, tolerance, record) {
  const { room } = plan3;
  const system = new HeatingSystem(plan3);
  state3[HEATING.base] = room.temperature;
  state3[HEATING.water] = plan3.chargeTemperature;
  state3[HEATING.wall] = room.temperature;
  state3[HEATING.waterMass] = plan3.charge;
  state3[HEATING.airMoles] = (1 - room.vapourFraction) * system.gasMoles(state3);
  const boils = {
    id: "boil",
    direction: 1,
    stops: true,
    value: (_, s) => s[HEATING.water] - room.boilingPoint
  };
  const plumes = {
    id: "plume",
    direction: 1,
    stops: true,
    value: (_, s) => 1 - leavingAirFraction(s[HEATING.airMoles] / system.gasMoles(s), plan3.mixing) - plan3.plumeFraction
  };
  const dries = {
    id: "dry",
    direction: -1,
    stops: true,
    value: (_, s) => s[HEATING.waterMass] - LAST_DROP
  };
  const firstStep = Math.min(
    2,
    Math.max(
      0.02,
      4e-3 * plan3.charge * LIQUID_SPECIFIC_HEAT * (room.boilingPoint - plan3.chargeTemperature) / Math.max(plan3.power, 1)
    )
  );
  const occurrences = [];
  let timeToBoil;
  let timeToPlume;
  let timeToDry;
  let time = 0;
  let end = plan3.totalTime ?? LONGEST_HEATING;
  while (time < end) {
    const events = system.mode === "warming" ? (
      // A drop in a large vessel is gone before it ever boils.
      [boils, dries]
    ) : system.mode === "boiling" ? timeToPlume === void 0 ? [plumes, dries] : [dries] : [];
    if (system.mode === "boiling" && timeToPlume === void 0 && plumes.value(time, state3) >= 0) {
      timeToPlume = time;
      occurrences.push({ id: "plume", time });
      end = plan3.totalTime ?? Math.min(LONGEST_HEATING, time + plan3.purgeTime);
      continue;
    }
    const stage = integrator.run(system, state3, time, end, {
      tolerance,
      firstStep: firstStep * (system.mode === "warming" ? 1 : 3),
      events,
      onStep: record
    });
    time = stage.time;
    if (stage.stoppedBy === void 0) break;
    occurrences.push({ id: stage.stoppedBy, time });
    if (stage.stoppedBy === "boil") {
      timeToBoil = time;
      system.mode = "boiling";
      state3[HEATING.water] = room.boilingPoint;
    } else if (stage.stoppedBy === "plume") {
      timeToPlume = time;
      end = plan3.totalTime ?? Math.min(LONGEST_HEATING, time + plan3.purgeTime);
    } else {
      timeToDry = time;
      system.mode = "dry";
      state3[HEATING.waterMass] = 0;
      if (timeToPlume === void 0) end = time;
    }
  }
  const slope = new Float64Array(5);
  system.derivatives(time, state3, slope);
  if (timeToDry === void 0 && system.mode === "boiling") {
    const left = system.timeLeft(state3);
    if (left !== void 0) timeToDry = time + left;
  }
  return {
    timeToBoil,
    timeToPlume,
    timeToDry,
    timeOfLifting: time,
    boiledDry: system.mode === "dry",
    steamRate: system.steam,
    occurrences
  };
}
function steep(plan3, duration, state3, tolerance, record) {
  const { room } = plan3;
  const system = new HeatingSystem(plan3);
  state3[HEATING.base] = plan3.chargeTemperature;
  state3[HEATING.water] = plan3.chargeTemperature;
  state3[HEATING.wall] = room.temperature;
  state3[HEATING.waterMass] = plan3.charge;
  state3[HEATING.airMoles] = (1 - room.vapourFraction) * system.gasMoles(state3);
  integrator.run(system, state3, 0, duration, { tolerance, firstStep: 0.02, onStep: record });
}

// core/mechanisms/collapse.ts
function heldFraction(lost, residual, stiffening, packing) {
  const v = lost > 0 ? lost : 0;
  const room = packing - v;
  return residual + (1 - residual) / (1 + v / LOBE_FORMING) + stiffening * v / (room > 1e-3 ? room : 1e-3);
}
var LOBE_FORMING = 0.02;
var wallInertance = (movingMass, sideArea) => movingMass / (sideArea * sideArea);
function beyond(push, edge) {
  if (push <= -edge) return 0;
  return push >= edge ? push : (push + edge) * (push + edge) / (4 * edge);
}
function weakestAt(residual, stiffening, packing) {
  const falls = Math.sqrt((1 - residual) / LOBE_FORMING);
  const rises = Math.sqrt(stiffening * packing);
  return Math.max(0, (falls * packing - rises) / (falls + rises / LOBE_FORMING));
}

// core/mechanisms/inflow.ts
var slugAcceleration = (drive, speed, density, length2, loss) => (drive - 0.5 * density * (1 + loss) * speed * Math.abs(speed)) / (density * length2);
var slugLength = (passage, diameter) => passage + 8 / (3 * Math.PI) * diameter / 2;
var steamAt = (dewPoint) => ({
  pressure: quickSaturationPressure(dewPoint),
  latent: quickLatentHeat(dewPoint)
});
var SURFACE_TENSION = 0.0727;
var WATER_DENSITY = 1e3;
function jetCondensation(jet2, dewPoint, airConductance, pressure, speed, room, free = 1, steam = steamAt(dewPoint)) {
  const subcooling = dewPoint - jet2.water;
  if (!(subcooling > 0) || !(speed > 0) || !(room > 0)) return 0;
  const capacityFlux = WATER_DENSITY * LIQUID_SPECIFIC_HEAT * speed;
  const own = jet2.stanton * capacityFlux;
  const effective = own * airConductance / (own + airConductance) / capacityFlux;
  const rise = speed * speed / (2 * GRAVITY);
  const units = 4 * effective * (rise < room ? rise : room) / jet2.diameter;
  const unbroken = units / (1 + units);
  const weber = WATER_DENSITY * speed * speed * jet2.diameter / SURFACE_TENSION;
  const splashed = free * weber / (weber + jet2.splashWeber);
  const broken = rise > room ? 1 - room / rise * (1 - splashed) : splashed;
  const sprayed = broken > 0 ? broken * spraySteam(jet2.water, dewPoint, pressure, jet2.sprayContact, steam) : 0;
  return unbroken * LIQUID_SPECIFIC_HEAT * subcooling / steam.latent + (1 - unbroken) * sprayed;
}
var DROP = 1e-3;
var DROP_CONDUCTANCE = 0.65 * 2 * Math.PI * Math.PI / 3 / DROP;
var DROP_SPEED = 4;
var [GAS_VISCOSITY, DIFFUSION] = [21e-6, 36e-6];
var SHERWOOD = 2 + 0.6 * Math.sqrt(DROP_SPEED * DROP / GAS_VISCOSITY) * pow(GAS_VISCOSITY / DIFFUSION, 1 / 3);
function dropConductance(pressure, dewPoint, water, steam = steamAt(dewPoint)) {
  const vapour = Math.min(0.9995, steam.pressure / pressure);
  const surface = Math.min(vapour, quickSaturationPressure(water) / pressure);
  const flux = pressure / (WATER_GAS_CONSTANT * dewPoint) * (DIFFUSION * 101325 / pressure) / DROP * SHERWOOD * ln((1 - surface) / (1 - vapour));
  return flux * steam.latent / Math.max(dewPoint - water, 0.1);
}
var [lastShare, lastUnits] = [NaN, NaN];
function unitsOf(contact) {
  if (contact !== lastShare) [lastShare, lastUnits] = [contact, ln(1 - contact)];
  return lastUnits;
}
function spraySteam(water, dewPoint, pressure, contact, steam = steamAt(dewPoint)) {
  const subcooling = dewPoint - water;
  if (!(subcooling > 0) || !(contact > 0)) return 0;
  const gas = dropConductance(pressure, dewPoint, water + 0.6 * subcooling, steam);
  const share = contact < 1 ? 1 - exp(unitsOf(contact) * gas / (gas + DROP_CONDUCTANCE)) : 1;
  return share * LIQUID_SPECIFIC_HEAT * subcooling / steam.latent;
}

// core/mechanisms/cooling-plan.ts
var COOLING = {
  /** cooled wall, K */
  wetWall: 0,
  /** the rest of the wall, in air, K */
  dryWall: 1,
  /** liquid inside, K */
  liquid: 2,
  /** kg */
  vapour: 3,
  /** K */
  gas: 4,
  /** liquid gained since the seal, kg: drawn in through a mouth, or condensed less evaporated in a closed vessel */
  drawnIn: 5,
  /** of the water in the mouth, m/s */
  speed: 6,
  /** air inside, kg */
  air: 7,
  /** fraction of the volume */
  lost: 8,
  /** 1/s */
  losing: 9,
  /** momentum that water has brought in, N s */
  impulse: 10,
  /** kg */
  condensedOnWall: 11,
  /** kg */
  condensedOnWater: 12,
  /** kg */
  condensedAsFog: 13
};
var COOLING_SIZE = 14;

// core/mechanisms/cooling-vessel.ts
var VAPOUR_CONSTANT_VOLUME = VAPOUR_SPECIFIC_HEAT - WATER_GAS_CONSTANT;
var AIR_CONSTANT_PRESSURE = AIR_SPECIFIC_HEAT_CONSTANT_VOLUME + AIR_GAS_CONSTANT;
var FOG_TIME = 0.03;
var FOG_EDGE = 3;
var INSIDE_GAS_CONDUCTANCE2 = 8;
var SPLASH_CONDUCTANCE = 150;
var WALL_DAMPING = 0.7;
var CREEP = 200;
var LEAK_SPEED = 300;
var CREEP_EDGE = 20;
var BALANCE = 0.1;
var TURNING = 5;
var LAST_STEAM = 0.5;
var [STILL_WARMTH, STILL_PRESSURE] = [5e-4, 2e-6];
var BRIMFUL = 0.95;
var CLINGING_WATER = 2e-5;
var SCALE = Float64Array.of(10, 10, 10, 1e-5, 10, 1e-3, 1, 1e-5, 0.02, 1, 0.01, 1e-4, 1e-4, 1e-4);
var halfWall = ({ solid, wallThickness }) => 2 * solid.conductivity / wallThickness;
var inSeries = (a, b) => a * b / (a + b);
var FAR = 3;
var REST = 0.1;
var GAS_STIFFNESS = 1.33;
var throughWall = (vessel, outside) => inSeries(halfWall(vessel), outside);
var CoolingVessel = class {
  /** `withTotals`: also count where the vapour condensed, as a ledger needs */
  constructor(plan3, withTotals2) {
    this.plan = plan3;
    this.counted = withTotals2 ? COOLING_SIZE - COOLING.condensedOnWall : 0;
    this.size = COOLING.condensedOnWall + this.counted;
    this.scale = SCALE.slice(0, this.size);
    this.reference = new Float64Array(this.size);
    for (const place of [COOLING.wetWall, COOLING.dryWall, COOLING.liquid, COOLING.gas])
      this.reference[place] = plan3.room.boilingPoint;
    const { vessel, room, coolant, mouth, spray } = plan3;
    this.scale[COOLING.vapour] = this.scale[COOLING.air] = 0.05 * vessel.capacity;
    for (let i = COOLING.condensedOnWall; i < this.size; i++)
      this.scale[i] = Math.max(1e-4, 0.05 * vessel.capacity);
    this.scale[COOLING.drawnIn] = mouth ? 1e-3 : vessel.capacity;
    this.film = nusseltFilm(Math.max(mouth?.depth ?? vessel.height, 0.01), quickLatentHeat(room.boilingPoint));
    this.half = halfWall(vessel);
    const perArea = vessel.solid.density * vessel.solid.specificHeat * vessel.wallThickness;
    this.wallCapacity = perArea;
    this.baseCapacity = mouth ? 0 : perArea * vessel.crossSection;
    this.density = quickLiquidDensity(mouth?.waterTemperature ?? Math.min(coolant.temperature, 372));
    this.mouthArea = Math.PI * vessel.mouthDiameter * vessel.mouthDiameter / 4;
    this.slug = slugLength(mouth?.passage ?? 0, vessel.mouthDiameter);
    this.mouthMass = Math.max(1e-6, this.density * this.mouthArea * (mouth?.passage ?? 0));
    this.stemLength = mouth?.stem?.length ?? 0;
    this.stemMass = this.density * this.mouthArea * this.stemLength;
    this.stemLoss = mouth?.stem ? mouth.stem.friction / mouth.stem.diameter : 0;
    this.wholeWall = mouth ? vessel.upperArea + vessel.crossSection : vessel.upperArea;
    const sideArea = vessel.upperArea - vessel.crossSection;
    const depth = mouth?.depth ?? 0;
    this.atOnce = mouth?.stem ? coolant.area : Math.min(coolant.area, vessel.crossSection);
    this.wettingRate = depth > 0 ? Math.max(0, coolant.area - this.atOnce) / depth * mouth.plungeSpeed : 0;
    const wallMass = vessel.solid.density * vessel.wallThickness * sideArea;
    const water = this.density * Math.PI * vessel.diameter * depth * vessel.diameter / 4;
    this.inertance = wallInertance(wallMass + water, sideArea);
    this.damping = 2 * WALL_DAMPING * Math.sqrt(this.inertance * 1.3 * room.pressure / vessel.capacity);
    this.skin = plan3.strength.skin;
    this.resistance = this.skin?.resistance ?? this.damping * CREEP * vessel.capacity;
    this.pool = Math.max(plan3.pool, CLINGING_WATER);
    this.plungeTime = mouth ? depth / mouth.plungeSpeed : 0;
    this.dependsOnTime = mouth !== void 0;
    this.soften = vessel.solid.softening;
    this.open = mouth !== void 0;
    this.outside = room.pressure;
    this.capacity = vessel.capacity;
    this.crossSection = vessel.crossSection;
    this.surfaceConductance = plan3.surfaceConductance;
    this.airLayerFactor = plan3.airLayerFactor;
    this.coolantTemperature = coolant.temperature;
    this.coolantConductance = coolant.conductance;
    this.coolantArea = coolant.area;
    this.throughBase = coolant.throughBase;
    this.leakArea = plan3.leakArea;
    this.leaksFast = plan3.leakArea * LEAK_SPEED > 0.01 * vessel.capacity;
    this.sprayFlow = spray?.flow ?? 0;
    this.mouthWater = mouth?.waterTemperature ?? 0;
    this.mouthDepth = depth;
    this.entryLoss = mouth?.entryLoss ?? 0;
    this.critical293 = plan3.strength.criticalDifference;
    this.inert = mouth ? [] : [
      COOLING.speed,
      ...plan3.leakArea > 0 ? [] : [COOLING.air],
      ...coolant.area > 0 ? [] : [COOLING.wetWall]
    ];
  }
  plan;
  size;
  counted;
  /** true while the vessel is still going down */
  dependsOnTime;
  scale;
  reference;
  amounts = [COOLING.vapour, COOLING.air];
  wall = "standing";
  /** true: no water has come in, and none is pushed in: the mouth's water stands */
  kept = false;
  /** false: the coolant is not there yet, and the wall it will reach stands in the room's air */
  cooled = true;
  // Everything the inner loop reads is a plain number of this object: looking it up in the plan costs a third of the
  // time.
  film;
  half;
  wallCapacity;
  baseCapacity;
  density;
  mouthArea;
  slug;
  stemMass;
  mouthMass;
  stemLength;
  stemLoss;
  inertance;
  damping;
  /** of a wall that creeps, or of a skin, Pa by 1/s */
  resistance;
  skin;
  pool;
  plungeTime;
  /** wall under water as soon as the mouth is, m2 */
  atOnce;
  /** and m2 more for each second of going down */
  wettingRate;
  wholeWall;
  soften;
  open;
  outside;
  capacity;
  crossSection;
  surfaceConductance;
  airLayerFactor;
  coolantTemperature;
  coolantConductance;
  coolantArea;
  throughBase;
  leakArea;
  /** a pinhole changes the air too slowly to matter within a step */
  leaksFast;
  sprayFlow;
  mouthWater;
  mouthDepth;
  entryLoss;
  critical293;
  rates = new Float64Array(COOLING_SIZE);
  /**
   * While the wall stands, the volume lost and its rate do not change, so nothing can come of them; the air hardly
   * does, until the gas comes near balance with the room: then a leak, however small, holds it there, and a step that
   * did not know it would come to rest somewhere else. A creeping wall's rate is no unknown.
   */
  totalsAt(state3) {
    if (this.wall === "moving") return this.counted + 1;
    if (this.wall === "creeping") return this.size - COOLING.losing;
    const leaks = this.leaksFast || this.leakArea > 0 && Math.abs(this.difference(state3)) < BALANCE * this.outside;
    return this.size - (leaks ? COOLING.lost : COOLING.air);
  }
  /** No water moves in a mouth that is shut, the air of a tight vessel stays, and no wall is wet in still air. */
  inert;
  /** Water that fills the mouth itself, or the stem where there is one, kg: beyond it water enters the vessel. */
  get passageMass() {
    return this.stemMass > 0 ? this.stemMass : this.mouthMass;
  }
  /** Water that goes in through the mouth, kg/s. */
  inflow(state3) {
    return this.open && !this.kept ? this.density * this.mouthArea * state3[COOLING.speed] : 0;
  }
  gasVolume(state3) {
    const drawnIn = state3[COOLING.drawnIn];
    const inStem = this.stemMass > 0 ? Math.min(drawnIn > 0 ? drawnIn : 0, this.stemMass) : 0;
    const volume = this.capacity * (1 - state3[COOLING.lost]) - (drawnIn - inStem + this.pool) / this.density;
    const least = this.capacity * 2e-3;
    return volume > least ? volume : least;
  }
  pressure(state3) {
    return (state3[COOLING.vapour] * WATER_GAS_CONSTANT + state3[COOLING.air] * AIR_GAS_CONSTANT) * state3[COOLING.gas] / this.gasVolume(state3);
  }
  /** Pressure difference that pushes on the wall in air, Pa. */
  difference(state3) {
    return this.outside - this.pressure(state3);
  }
  /** Pressure that pushes water into an open mouth, hydrostatics included, Pa; negative pushes it out. */
  drive(time, state3) {
    const { mouth } = this.plan;
    const drawnIn = state3[COOLING.drawnIn];
    const depth = this.dependsOnTime ? mouth.plungeSpeed * time : this.mouthDepth;
    const standing = this.stemMass > 0 ? Math.min((drawnIn > 0 ? drawnIn : 0) / (this.density * this.mouthArea), this.stemLength) : this.rise(drawnIn);
    return this.outside + this.density * GRAVITY * (depth - standing) - this.pressure(state3);
  }
  /** Buckling difference at the walls' present temperature, Pa. */
  critical(state3) {
    if (!this.soften) return this.critical293;
    const wetShare = this.coolantArea / this.wholeWall;
    return this.critical293 * this.soften(wetShare * state3[COOLING.wetWall] + (1 - wetShare) * state3[COOLING.dryWall]);
  }
  /** Difference the wall holds just now, Pa. */
  held(state3) {
    if (this.skin) return this.skin.held(state3[COOLING.lost]);
    const { residualLoad, stiffening, packing } = this.plan.strength;
    return this.critical(state3) * heldFraction(state3[COOLING.lost], residualLoad, stiffening, packing);
  }
  /**
   * Below zero once nothing more can come of a closed vessel: no steam left to condense at the coldest of what
   * surrounds it, or every temperature and the pressure as good as still.
   */
  closedUnrest(time, state3, known) {
    const { room, coolant } = this.plan;
    const full = this.pool + state3[COOLING.drawnIn] - BRIMFUL * this.density * this.capacity;
    if (full > 0) return -1;
    const coldest = coolant.area > 0 || coolant.throughBase > 0 ? Math.min(room.temperature, coolant.temperature) : room.temperature;
    const volume = this.gasVolume(state3);
    const steam = quickSaturationTemperature(state3[COOLING.vapour] * WATER_GAS_CONSTANT * state3[COOLING.gas] / volume) - coldest;
    if (steam < LAST_STEAM) return steam / LAST_STEAM - 1;
    const rates2 = known ?? this.rates;
    if (!known) this.derivatives(time, state3, rates2);
    const warming = Math.max(Math.abs(rates2[COOLING.wetWall]), Math.abs(rates2[COOLING.dryWall]), Math.abs(rates2[COOLING.liquid])) / STILL_WARMTH;
    const amount = state3[COOLING.vapour] * WATER_GAS_CONSTANT + state3[COOLING.air] * AIR_GAS_CONSTANT;
    const relative = (rates2[COOLING.vapour] * WATER_GAS_CONSTANT + rates2[COOLING.air] * AIR_GAS_CONSTANT) / amount + rates2[COOLING.gas] / state3[COOLING.gas];
    return Math.max(warming, Math.abs(relative) / STILL_PRESSURE, rates2[COOLING.lost] / STILL_PRESSURE) - 1;
  }
  /** steam's pressure and mass ratio of air to it that `dewPoint`, `steam.latent` and `layer` were worked out for */
  steamPressure = NaN;
  massRatio = NaN;
  dewPoint = 0;
  layer = 0;
  /** and the same for what leaks */
  leakPressure = NaN;
  leakDensity = NaN;
  leakFlow = 0;
  /** the vapour's own pressure and heat, at the state asked for last: one object, since it is wanted at every step */
  steam = { pressure: 0, latent: 0 };
  /**
   * Below zero once nothing more will be seen: the mouth's water at rest, in balance, and no steam left to condense.
   */
  unrest(state3) {
    const { room, coolant, mouth } = this.plan;
    let speed = Math.abs(state3[COOLING.speed]) / REST;
    if (speed > FAR) return speed - 1;
    const imbalance = Math.abs(this.difference(state3)) / (0.02 * room.pressure);
    if (mouth && !mouth.stem) {
      if (imbalance > FAR) return imbalance - 1;
      const stiffness = GAS_STIFFNESS * this.pressure(state3) * this.mouthArea / this.gasVolume(state3);
      const swing = this.kept ? 0 : this.drive(0, state3) / (Math.sqrt(this.density * this.slug * stiffness) * REST);
      speed = Math.sqrt(speed * speed + swing * swing);
    }
    const vapourPressure = state3[COOLING.vapour] * WATER_GAS_CONSTANT * state3[COOLING.gas] / this.gasVolume(state3);
    const dewPoint = quickSaturationTemperature(vapourPressure);
    if (!mouth || mouth.stem) {
      const coldest = coolant.area > 0 ? coolant.temperature : room.temperature;
      const warmth = (Math.max(dewPoint, state3[COOLING.liquid]) - coldest) / 2;
      return (warmth > speed ? warmth : speed) - 1;
    }
    const surface = state3[COOLING.drawnIn] > this.pool ? Math.max(state3[COOLING.liquid], mouth.waterTemperature) : mouth.waterTemperature;
    const steam = (dewPoint - surface) / 3;
    const most = speed > imbalance ? speed : imbalance;
    return (most > steam ? most : steam) - 1;
  }
  derivatives(time, state3, slope) {
    this.readGas(state3);
    this.walls(time, state3, slope);
    this.surface(state3);
    if (this.open) this.mouth(time, state3, slope);
    else this.closedLiquid(state3, slope);
    this.leak(state3, slope);
    this.gas(state3, slope);
  }
  /** What the parts below hand on to one another at one state: plain numbers, SI. */
  now = {
    vapour: 0.5,
    air: 0.5,
    volume: 0.5,
    pressure: 0.5,
    /** conductance of the layer of air in series with half the wall, W/(m2 K) */
    toWall: 0.5,
    wetArea: 0.5,
    dryArea: 0.5,
    /** heat of condensing on them, W/m2 */
    onWet: 0.5,
    onDry: 0.5,
    /** condensing on walls; on the liquid's surface, less what evaporates; on what is sprayed or streams in, kg/s */
    wallRate: 0.5,
    surface: 0.5,
    jet: 0.5,
    /** condensed on the surface, W */
    surfaceHeat: 0.5,
    liquidMass: 0.5,
    /** what a leak brings to the gas, W, and takes of its vapour, kg/s */
    leakHeat: 0.5,
    vapourOut: 0.5
  };
  /** Pressure, dew point, and the layer of air that vapour must get through. */
  readGas(state3) {
    const { now, steam } = this;
    const vapour = state3[COOLING.vapour] > 1e-9 ? state3[COOLING.vapour] : 1e-9;
    const air = state3[COOLING.air] > 1e-12 ? state3[COOLING.air] : 1e-12;
    const gas = state3[COOLING.gas];
    const volume = this.gasVolume(state3);
    now.vapour = vapour;
    now.air = air;
    now.volume = volume;
    now.pressure = (vapour * WATER_GAS_CONSTANT + air * AIR_GAS_CONSTANT) * gas / volume;
    steam.pressure = vapour * WATER_GAS_CONSTANT * gas / volume;
    if (steam.pressure !== this.steamPressure) {
      this.steamPressure = steam.pressure;
      this.dewPoint = quickSaturationTemperature(steam.pressure);
      steam.latent = quickLatentHeat(this.dewPoint);
    }
    if (air / vapour !== this.massRatio) {
      this.massRatio = air / vapour;
      this.layer = this.airLayerFactor * airLayerConductance(this.massRatio);
    }
    now.toWall = this.layer * this.half / (this.layer + this.half);
  }
  /** Vapour condenses on the walls; the coolant takes the heat from the wet one, the room from the dry one. */
  walls(time, state3, slope) {
    const { now, dewPoint } = this;
    const { room } = this.plan;
    const wetWall = state3[COOLING.wetWall];
    const dryWall = state3[COOLING.dryWall];
    const wetArea = this.dependsOnTime ? this.atOnce + this.wettingRate * time : this.coolantArea;
    const dryArea = this.wholeWall - wetArea;
    const onDry = condensingFlux(this.film, dewPoint - dryWall, now.toWall);
    const dryLoss = roomLossFlux(room.loss, dryWall);
    let onWet = 0;
    slope[COOLING.wetWall] = 0;
    if (wetArea > 0) {
      onWet = condensingFlux(this.film, dewPoint - wetWall, now.toWall);
      const taken = this.cooled ? this.coolantConductance * (wetWall - this.coolantTemperature) : roomLossFlux(room.loss, wetWall);
      slope[COOLING.wetWall] = (onWet - taken) / this.wallCapacity + (this.dependsOnTime ? (dryWall - wetWall) * this.wettingRate / wetArea : 0);
    }
    slope[COOLING.dryWall] = (onDry - dryLoss) / this.wallCapacity;
    now.wetArea = wetArea;
    now.dryArea = dryArea;
    now.onWet = onWet;
    now.onDry = onDry;
    now.wallRate = (onWet * wetArea + onDry * dryArea) / this.steam.latent;
  }
  /** Vapour that comes to, or from, the surface of the liquid inside. */
  surface(state3) {
    const { now, layer, crossSection: crossSection2 } = this;
    const liquid = state3[COOLING.liquid];
    const drawnIn = state3[COOLING.drawnIn];
    const gathered = drawnIn > 0 || !this.open ? drawnIn : 0;
    now.liquidMass = this.pool + gathered > CLINGING_WATER ? this.pool + gathered : CLINGING_WATER;
    const toSurface = this.dewPoint - liquid;
    const throughAir = this.surfaceConductance * layer / (this.surfaceConductance + layer);
    let surfaceHeat = throughAir * crossSection2 * toSurface;
    if (toSurface < 0) {
      const over2 = liquid - quickSaturationTemperature(now.pressure);
      const boiling = over2 <= -1 ? 0 : over2 >= 1 ? over2 : (over2 + 1) * (over2 + 1) / 4;
      if (boiling > 0) surfaceHeat -= (this.surfaceConductance - throughAir) * crossSection2 * boiling;
    }
    now.surfaceHeat = surfaceHeat;
    now.surface = surfaceHeat / this.steam.latent;
  }
  /** The water in an open mouth and its stem, and what enters. With none inside it stands until it is pushed in. */
  mouth(time, state3, slope) {
    const { now, density } = this;
    const { pressure } = now;
    const liquid = state3[COOLING.liquid];
    const drawnIn = state3[COOLING.drawnIn];
    const speed = state3[COOLING.speed];
    const depth = this.dependsOnTime ? this.plan.mouth.plungeSpeed * time : this.mouthDepth;
    let length2 = this.slug;
    let loss = this.entryLoss;
    let standing;
    if (this.stemMass > 0) {
      standing = Math.min((drawnIn > 0 ? drawnIn : 0) / (density * this.mouthArea), this.stemLength);
      length2 += standing;
      loss += this.stemLoss * standing;
    } else standing = this.rise(drawnIn);
    const drive = this.outside + density * GRAVITY * (depth - standing) - pressure;
    const inflow = this.inflow(state3);
    slope[COOLING.speed] = this.kept ? 0 : slugAcceleration(drive, speed, density, length2, loss);
    slope[COOLING.drawnIn] = inflow;
    slope[COOLING.impulse] = inflow > 0 ? inflow * speed : 0;
    const entering = inflow > 0 ? inflow * (this.stemMass > 0 ? overTheTop(drawnIn / this.stemMass) : 1) : 0;
    let jet2 = 0;
    let liquidHeat = now.surfaceHeat;
    if (entering > 0) {
      const above = this.plan.vessel.height - this.rise(drawnIn);
      jet2 = entering * jetCondensation(
        this.plan.mouth.jet,
        this.dewPoint,
        this.layer,
        pressure,
        speed,
        above,
        this.stemMass > 0 ? 1 : outOfMouth(drawnIn / this.mouthMass),
        this.steam
      );
      liquidHeat += jet2 * this.steam.latent + entering * LIQUID_SPECIFIC_HEAT * (this.mouthWater - liquid);
    }
    now.jet = jet2;
    slope[COOLING.liquid] = liquidHeat / (now.liquidMass * LIQUID_SPECIFIC_HEAT + this.baseCapacity);
  }
  /** The liquid in a closed vessel: condensate runs back to it, the base cools it, a spray falls into it. */
  closedLiquid(state3, slope) {
    const { now, dewPoint, steam } = this;
    const { latent } = steam;
    const liquid = state3[COOLING.liquid];
    slope[COOLING.speed] = 0;
    slope[COOLING.impulse] = 0;
    let jet2 = 0;
    let liquidHeat = now.surfaceHeat + (now.onWet * now.wetArea * (state3[COOLING.wetWall] - liquid) + now.onDry * now.dryArea * (state3[COOLING.dryWall] - liquid)) / latent * LIQUID_SPECIFIC_HEAT;
    if (this.cooled && this.throughBase > 0) liquidHeat -= this.throughBase * (liquid - this.coolantTemperature);
    if (this.sprayFlow > 0 && this.cooled) {
      const spray = this.plan.spray;
      jet2 = this.sprayFlow * spraySteam(spray.temperature, dewPoint, now.pressure, spray.contact, steam);
      liquidHeat += jet2 * latent + this.sprayFlow * LIQUID_SPECIFIC_HEAT * (spray.temperature - liquid);
    }
    now.jet = jet2;
    slope[COOLING.liquid] = liquidHeat / (now.liquidMass * LIQUID_SPECIFIC_HEAT + this.baseCapacity);
  }
  /** Air in, or gas out. */
  leak(state3, slope) {
    const { now } = this;
    let airIn = 0;
    now.leakHeat = 0;
    now.vapourOut = 0;
    if (this.leakArea > 0) {
      const { outside } = this;
      const { room } = this.plan;
      const { vapour, air, volume, pressure } = now;
      const inside = (air + vapour) / volume;
      if (pressure !== this.leakPressure || inside !== this.leakDensity) {
        this.leakPressure = pressure;
        this.leakDensity = inside;
        this.leakFlow = openingFlow(this.leakArea, outside, room.airDensity, pressure, inside);
      }
      const flow = this.leakFlow;
      const across = (outside - pressure) / (2 * TURNING) + 0.5;
      const inward = across <= 0 ? 0 : across >= 1 ? 1 : across * across * (3 - 2 * across);
      const gasMass = air + vapour;
      airIn = flow * (inward + (1 - inward) * air / gasMass);
      now.vapourOut = -flow * (1 - inward) * vapour / gasMass;
      now.leakHeat = flow * (inward * (AIR_CONSTANT_PRESSURE * room.temperature - AIR_SPECIFIC_HEAT_CONSTANT_VOLUME * state3[COOLING.gas]) + (1 - inward) * pressure * volume / gasMass);
    }
    slope[COOLING.air] = airIn;
  }
  /** The gas, of which supercooled vapour turns to fog and gives its heat back; and the wall pushed in on it. */
  gas(state3, slope) {
    const { now, density, capacity: full, dewPoint } = this;
    const { latent } = this.steam;
    const { vapour, air, pressure, surface, wallRate, jet: jet2, wetArea, dryArea } = now;
    const gas = state3[COOLING.gas];
    const liquid = state3[COOLING.liquid];
    const drawnIn = state3[COOLING.drawnIn];
    const push = this.wall === "standing" ? 0 : this.outside - pressure - this.held(state3);
    const losing = this.wall === "moving" ? state3[COOLING.losing] : this.wall === "creeping" ? (this.skin ? push : beyond(push, CREEP_EDGE)) / this.resistance : 0;
    const capacity = vapour * VAPOUR_CONSTANT_VOLUME + air * AIR_SPECIFIC_HEAT_CONSTANT_VOLUME;
    const below = dewPoint - gas;
    const supercooled = below >= FOG_EDGE ? below : below > -FOG_EDGE ? (below + FOG_EDGE) * (below + FOG_EDGE) / (4 * FOG_EDGE) : 0;
    const fog = capacity * supercooled / (FOG_TIME * latent);
    const condensing = wallRate + jet2 + (surface > 0 ? surface : 0);
    const evaporating = surface < 0 ? -surface : 0;
    if (!this.open) slope[COOLING.drawnIn] = wallRate + jet2 + surface + fog + (this.cooled ? this.sprayFlow : 0);
    const volumeRate = -full * losing - slope[COOLING.drawnIn] / density;
    slope[COOLING.vapour] = evaporating - condensing - fog - now.vapourOut;
    slope[COOLING.gas] = (fog * latent - (condensing + fog) * WATER_GAS_CONSTANT * gas + evaporating * (VAPOUR_SPECIFIC_HEAT * liquid - VAPOUR_CONSTANT_VOLUME * gas) - pressure * volumeRate + now.leakHeat + INSIDE_GAS_CONDUCTANCE2 * (wetArea * (state3[COOLING.wetWall] - gas) + dryArea * (state3[COOLING.dryWall] - gas)) + (drawnIn > 0 && this.open ? SPLASH_CONDUCTANCE * this.crossSection * (liquid - gas) : 0)) / capacity;
    slope[COOLING.lost] = losing;
    slope[COOLING.losing] = this.wall === "moving" ? (push - this.damping * losing * full) / this.inertance / full : 0;
    if (this.counted > 0) {
      slope[COOLING.condensedOnWall] = wallRate;
      slope[COOLING.condensedOnWater] = jet2 + surface;
      slope[COOLING.condensedAsFog] = fog;
    }
  }
  /** Height of the liquid that has gathered above mouth and stem, m. */
  rise(drawnIn) {
    const above = this.stemMass > 0 ? drawnIn - Math.min(drawnIn, this.stemMass) : drawnIn;
    return (above + this.pool) / (this.density * this.crossSection);
  }
};
function outOfMouth(filled) {
  const x = (filled - 0.7) / 0.3;
  return x <= 0 ? 0 : x >= 1 ? 1 : x * x * (3 - 2 * x);
}
function overTheTop(filled) {
  const x = (filled - 0.97) / 0.03;
  return x <= 0 ? 0 : x >= 1 ? 1 : x * x * (3 - 2 * x);
}

// core/mechanisms/mouth-exchange.ts
function buoyantExchange(diameter, lightDensity, heavyDensity) {
  const difference = heavyDensity - lightDensity;
  if (!(difference > 0)) return 0;
  const mean = (heavyDensity + lightDensity) / 2;
  return 0.055 * diameter * diameter * Math.sqrt(diameter * GRAVITY * difference / mean);
}

// core/mechanisms/transfer.ts
var TRANSFER = { wall: 0, pool: 1, waterMass: 2, airMoles: 3 };
var CARRYING_SPEED = 0.5;
var WASHED_SHARE = 0.25;
var TransferSystem = class {
  constructor(plan3) {
    this.plan = plan3;
    const { vessel, room } = plan3;
    this.scale = Float64Array.of(
      10,
      10,
      0.02 * vessel.capacity,
      0.02 * room.pressure * vessel.capacity / (GAS_CONSTANT * room.boilingPoint)
    );
    this.reference[TRANSFER.wall] = this.reference[TRANSFER.pool] = room.boilingPoint;
    const perArea = vessel.solid.density * vessel.solid.specificHeat * vessel.wallThickness;
    this.wallCapacity = perArea * vessel.upperArea;
    this.baseCapacity = perArea * vessel.crossSection;
    this.washed = vessel.crossSection + (plan3.moved ? WASHED_SHARE * (vessel.upperArea - vessel.crossSection) : 0);
    this.film = nusseltFilm(vessel.height, quickLatentHeat(room.boilingPoint));
    this.carried = !plan3.moved ? 0 : carriedCylinderConductance(
      vessel.diameter,
      CARRYING_SPEED,
      (room.boilingPoint + room.temperature) / 2,
      room.pressure
    );
  }
  plan;
  size = 4;
  dependsOnTime = false;
  scale;
  reference = new Float64Array(4);
  amounts = [TRANSFER.airMoles, TRANSFER.waterMass];
  upright = true;
  film;
  wallCapacity;
  baseCapacity;
  carried;
  washed;
  derivatives(_time, state3, slope) {
    const { vessel, room, airLayerFactor, surfaceConductance } = this.plan;
    const wall = state3[TRANSFER.wall];
    const pool = state3[TRANSFER.pool];
    const waterMass = Math.max(0, state3[TRANSFER.waterMass]);
    const airMoles = Math.max(0, state3[TRANSFER.airMoles]);
    const gas = (wall + pool) / 2;
    const gasVolume = vessel.capacity - waterMass / quickLiquidDensity(pool);
    const gasMoles = room.pressure * gasVolume / (GAS_CONSTANT * gas);
    const airFraction = airMoles < gasMoles ? airMoles / gasMoles : 1;
    const dewPoint = quickSaturationTemperature((1 - airFraction) * room.pressure);
    const latent = quickLatentHeat(dewPoint);
    const layer = airLayerFactor * airLayerConductance(airFraction * AIR_MOLAR_MASS / ((1 - airFraction) * WATER_MOLAR_MASS + 1e-12));
    const condensingHeat = vessel.upperArea * condensingFlux(this.film, dewPoint - wall, layer);
    slope[TRANSFER.wall] = (condensingHeat - vessel.upperArea * roomLossFlux(room.loss, wall, this.carried)) / this.wallCapacity;
    const wetness = waterMass / (waterMass + 1e-4);
    const flashingHeat = wetness * surfaceConductance * this.washed * (pool - dewPoint);
    const baseLoss = vessel.crossSection * roomLossFlux(room.loss, pool, this.carried);
    slope[TRANSFER.pool] = -(flashingHeat + baseLoss) / (waterMass * LIQUID_SPECIFIC_HEAT + this.baseCapacity);
    const gained = (condensingHeat - flashingHeat) / latent;
    slope[TRANSFER.waterMass] = gained;
    const cooling = (slope[TRANSFER.wall] + slope[TRANSFER.pool]) / 2;
    const inflow = gained / WATER_MOLAR_MASS - gasMoles * cooling / gas;
    let air = inflow > 0 ? inflow * (1 - room.vapourFraction) : inflow * airFraction;
    if (this.upright) {
      const density = room.pressure / gas * (airFraction / AIR_GAS_CONSTANT + (1 - airFraction) / WATER_GAS_CONSTANT);
      const exchange = buoyantExchange(vessel.mouthDiameter, density, room.airDensity);
      air += exchange * ((1 - room.vapourFraction) * room.pressure / (GAS_CONSTANT * room.temperature) - airMoles / gasVolume);
    }
    slope[TRANSFER.airMoles] = air;
  }
};
var integrator2 = new Integrator(4);
function transfer(plan3, state3, tolerance, record) {
  const system = new TransferSystem(plan3);
  const turning = plan3.duration * plan3.uprightShare;
  const options = { tolerance, firstStep: 0.01, onStep: record };
  if (turning > 0) integrator2.run(system, state3, 0, turning, options);
  system.upright = false;
  if (plan3.duration > turning) integrator2.run(system, state3, turning, plan3.duration, options);
  if (state3[TRANSFER.waterMass] < 0) state3[TRANSFER.waterMass] = 0;
}

// core/catalogue/steam/trace-recorder.ts
var COLUMNS3 = [
  { id: "pressure", name: "pressure inside", quantity: "pressure" },
  { id: "wallTemperature", name: "wall", quantity: "temperature" },
  { id: "waterTemperature", name: "water inside", quantity: "temperature" },
  { id: "waterInside", name: "water inside", quantity: "mass" },
  { id: "airFraction", name: "air in the gas", quantity: "fraction" },
  { id: "steamMass", name: "steam inside", quantity: "mass" },
  { id: "waterDrawnIn", name: "water drawn in", quantity: "volume" },
  { id: "inflowSpeed", name: "speed of the water in the mouth", quantity: "speed" },
  { id: "volumeLost", name: "volume lost", quantity: "fraction" },
  { id: "condensedOnWall", name: "condensed on the wall", quantity: "mass" },
  { id: "condensedOnWater", name: "condensed on water, net", quantity: "mass" },
  { id: "condensedAsFog", name: "turned to fog", quantity: "mass" },
  { id: "gasTemperature", name: "gas inside", quantity: "temperature" },
  { id: "airMass", name: "air inside", quantity: "mass" }
];
var TraceRecorder = class {
  /** `firstStage` and `lastStage`: what the panels before and after the hush are called */
  constructor(plan3, firstStage = "heat", lastStage = "crush") {
    this.plan = plan3;
    this.firstStage = firstStage;
    this.lastStage = lastStage;
  }
  plan;
  firstStage;
  lastStage;
  rows = new TraceRows(COLUMNS3);
  lifting = 0;
  sealing = 0;
  from = 0;
  system;
  openRow(gas, water, waterTemperature, wall, airMoles) {
    const { room, vessel } = this.plan;
    const moles = room.pressure * (vessel.capacity - water / quickLiquidDensity(waterTemperature)) / (GAS_CONSTANT * gas);
    const airFraction = Math.min(1, Math.max(0, airMoles / moles));
    return {
      pressure: room.pressure,
      wallTemperature: wall,
      waterTemperature,
      waterInside: water,
      airFraction,
      steamMass: moles * (1 - airFraction) * WATER_MOLAR_MASS,
      waterDrawnIn: 0,
      inflowSpeed: 0,
      volumeLost: 0,
      condensedOnWall: 0,
      condensedOnWater: 0,
      condensedAsFog: 0,
      gasTemperature: gas,
      airMass: moles * airFraction * AIR_MOLAR_MASS
    };
  }
  heating = (time, state3) => {
    const wall = state3[HEATING.wall];
    const water = state3[HEATING.water];
    const dry2 = state3[HEATING.waterMass] <= 0;
    const gas = ((dry2 ? state3[HEATING.base] : water) + wall) / 2;
    this.rows.add(time, this.openRow(gas, Math.max(0, state3[HEATING.waterMass]), water, wall, state3[HEATING.airMoles]));
  };
  beginTransfer(lifting) {
    this.lifting = lifting;
  }
  transfer = (time, state3) => {
    const wall = state3[TRANSFER.wall];
    const pool = state3[TRANSFER.pool];
    this.rows.add(
      this.lifting + time,
      this.openRow((wall + pool) / 2, Math.max(0, state3[TRANSFER.waterMass]), pool, wall, state3[TRANSFER.airMoles])
    );
  };
  /** `from`: when this part of the cooling begins, where it is not the seal */
  beginCooling(sealing, system, from = sealing) {
    this.sealing = sealing;
    this.from = from;
    this.system = system;
  }
  cooling = (time, state3) => {
    const system = this.system;
    const { plan: plan3 } = system;
    const air = state3[COOLING.air] / AIR_MOLAR_MASS;
    const steam = state3[COOLING.vapour];
    const cooled = plan3.coolant.area > 0 ? COOLING.wetWall : COOLING.dryWall;
    this.rows.add(this.from + time, {
      pressure: system.pressure(state3),
      wallTemperature: state3[cooled],
      waterTemperature: state3[COOLING.liquid],
      waterInside: plan3.pool + state3[COOLING.drawnIn],
      airFraction: air / (air + steam / WATER_MOLAR_MASS),
      steamMass: steam,
      waterDrawnIn: plan3.mouth ? Math.max(0, state3[COOLING.drawnIn]) / quickLiquidDensity(plan3.mouth.waterTemperature) : 0,
      inflowSpeed: state3[COOLING.speed],
      volumeLost: state3[COOLING.lost],
      condensedOnWall: state3[COOLING.condensedOnWall],
      condensedOnWater: state3[COOLING.condensedOnWater],
      condensedAsFog: state3[COOLING.condensedAsFog],
      gasTemperature: state3[COOLING.gas],
      airMass: state3[COOLING.air]
    });
  };
  /** Heat (minutes), hush, crush or fill (as long as it takes). */
  finish({ details }) {
    const { rows, sealing } = this;
    const gone = details.goneAt;
    const settled = this.settledAfter(gone ?? sealing);
    rows.stage("heat", this.firstStage, sealing);
    rows.stage("hush", "hush", gone ?? Math.min(rows.last, Math.max(sealing + 0.2, settled)));
    if (gone !== void 0) rows.stage("crush", this.lastStage, Math.min(rows.last, Math.max(settled, gone + 0.01)));
    return rows.finish();
  }
  /** Time by which volume, water and pressure have come within 2 % of their ends. */
  settledAfter(start) {
    const { vessel, room } = this.plan;
    return this.rows.settledAfter(
      start,
      (row, last) => Math.abs(row.volumeLost - last.volumeLost) > 0.02 || Math.abs(row.waterDrawnIn - last.waterDrawnIn) > 0.02 * vessel.capacity || Math.abs(row.pressure - last.pressure) > 0.02 * room.pressure
    );
  }
};

// core/catalogue/steam/glass-checks.ts
import normalCdf from "@stdlib/stats-base-dists-normal-cdf";
var GLASS_STATE = defineInput({
  id: "glassState",
  name: "state of the glass",
  kind: "choice",
  group: "vessel",
  default: "sound",
  choices: [
    { id: "sound", name: "without a mark" },
    { id: "scratched", name: "scratched, chipped or old" }
  ]
});
var FLASK_BOTTOM = defineInput({
  id: "flaskBottom",
  name: "bottom",
  kind: "choice",
  group: "vessel",
  default: "round",
  choices: [
    { id: "round", name: "round-bottomed" },
    { id: "flat", name: "flat-bottomed" }
  ]
});
var SCORE = -2.0537;
var borneChill = (limit) => limit * exp(SCORE * Math.sqrt(ln(1 + CHILL_SPREAD * CHILL_SPREAD)));
var shareCracked = (chill, limit) => chill > 0 ? normalCdf(ln(chill / limit) / Math.sqrt(ln(1 + CHILL_SPREAD * CHILL_SPREAD)), 0, 1) : 0;
function bearsTheChill({ numbers: n }, bath) {
  const boiling = saturationTemperature(n.stationPressure);
  const coldest = boiling - borneChill(n.shockLimit);
  return n[bath] >= coldest ? [] : [
    {
      input: bath,
      message: say`given ${asTemperature(n[bath], { digits: 4 })}; refused: glass at
            ${asTemperature(boiling, { digits: 4 })} in it is chilled by
            ${asTemperatureDifference(boiling - n[bath], { digits: 4 })}, and more than ${CRACKS_REFUSED * 100} of
            100 glasses of this kind crack (they bear about
            ${asTemperatureDifference(n.shockLimit, { digits: 4 })}); accepted:
            ${asTemperature(Math.ceil(coldest * 2) / 2, { digits: 4 })} or warmer`
    }
  ];
}
var soundGlass = ({ choices }) => choices.glassState === "scratched" ? [
  {
    input: "glassState",
    message: 'given "scratched"; refused: a scratch takes most of the strength of glass, and it breaks without warning under a chill or a vacuum; accepted: sound'
  }
] : [];
var roundBottom = ({ choices }) => choices.flaskBottom === "flat" ? [
  {
    input: "flaskBottom",
    message: 'given "flat"; refused: a flat bottom bends under a vacuum and implodes; accepted: round'
  }
] : [];
var THIN = 8e-3;
var thickEnough = ({ numbers: n }) => {
  const least = THIN * pow(6 / Math.PI * n.vesselVolume, 1 / 3);
  return n.wallThickness >= least ? [] : [
    {
      input: "wallThickness",
      message: say`given ${asLength(n.wallThickness, { digits: 4 })}; refused: too thin for a vacuum in a
            flask of this size; accepted: at least ${asLength(Math.ceil(least * 1e4) / 1e4, {
        digits: 4,
        toward: "above"
      })}`
    }
  ];
};
var noTorch = ({ choices }) => choices.fillMethod === "torch" ? [
  {
    input: "fillMethod",
    message: 'given "torch"; refused: a torch heats glass at one spot and it bursts in the hand; accepted: flame, microwave, rinse-once, rinse-twice'
  }
] : [];

// core/catalogue/steam/judgement.ts
var PURGED = 0.05;
var LOW_FLAME = 1.3;
var THROWN = 0.2;
var dryMargin = ({ details, results: r }) => details.boiledDry === 1 ? 0 : r.timeToDry === void 0 ? void 0 : r.timeToDry - details.timeOfLifting;
var MICROWAVE_SIGNS = [
  {
    sign: "The bottle rolls and rattles, the window fogs, water jumps at the glass.",
    worth: "it boils through; from then on the time counts"
  },
  { sign: "Quiet, with a still surface.", worth: "not boiling, or superheated: without the chip it is not moved" },
  { sign: "The time in the oven, from the clock.", worth: "what is planned with; ovens differ, so try one first" }
];
var signsOf = (boilingPoint, plume, earliest) => [
  {
    sign: plume === void 0 ? "No steady plume comes with this plan." : say`A dense plume that keeps its strength: with this plan it shows after
          ${asTime(plume)}${earliest === void 0 ? "" : say` and must go on for ${asTime(Math.max(0, earliest - plume))}`}.`,
    worth: "the best sign without an instrument; draughts and bright light hide it"
  },
  {
    sign: say`A probe on the rim reads ${asTemperature(boilingPoint)}, where water boils here.`,
    worth: "the surest: steam fills it to the top"
  },
  {
    sign: "The sound: a first crackle, then a rumble, then a quiet roll.",
    worth: "the roll says that it boils through, and nothing of the air; a crackle is far from ready"
  },
  {
    sign: say`A thermometer in the water stands still at ${asTemperature(boilingPoint)}.`,
    worth: "it boils; it says nothing of the air that is still in there"
  },
  {
    sign: "Steam is clear right at the mouth and white above it; smoke is blue-grey from the start and smells.",
    worth: "tells a dry vessel from a full one: heat off at the first smell"
  }
];
function readyFromPlan(plan3, simulation, microwave = false) {
  const { trace, results: results28, details } = simulation;
  const { vessel, room } = plan3;
  let earliest;
  if (trace) {
    for (let i = 0; i < trace.time.length && trace.time[i] <= details.timeOfLifting; i++) {
      if (trace.columns.airFraction[i] <= PURGED) {
        earliest = trace.time[i];
        break;
      }
    }
  }
  const loss = vessel.upperArea * roomLossFlux(room.loss, room.boilingPoint);
  const water = results28.waterLeft ?? 0;
  const plume = results28.timeToPlume;
  return {
    watch: microwave ? MICROWAVE_SIGNS : signsOf(room.boilingPoint, plume, earliest),
    earliest,
    dryAt: results28.timeToDry,
    lowFlame: water > 0 && loss > 0 ? water * quickLatentHeat(room.boilingPoint) / ((LOW_FLAME - 1) * loss) : void 0
  };
}
function sizesOf(simulation, face, thrown) {
  const { results: r, details } = simulation;
  const sizes27 = [
    {
      id: "outsideForce",
      name: "outside air on all sides",
      value: r.outsideForce,
      quantity: "force",
      units: ["kN", "lbf"],
      note: "outside pressure \xD7 whole surface: what presenters quote; inside pressure balances it until the hush"
    },
    {
      id: "peakNetForce",
      name: "difference on all sides",
      value: r.peakNetForce,
      quantity: "force",
      units: ["kN", "lbf"],
      note: "greatest difference \xD7 whole surface"
    },
    {
      id: "faceForce",
      name: "resultant on one face",
      value: r.peakPressureDifference * face,
      quantity: "force",
      units: ["N", "lbf"],
      note: "greatest difference \xD7 its largest face: what a scale would read"
    },
    {
      id: "storedEnergy",
      name: "work the air can do",
      value: r.peakPressureDifference * details.capacity,
      quantity: "energy",
      units: ["J", "ft lbf"],
      note: "greatest difference \xD7 capacity"
    }
  ];
  if (thrown) {
    const head = r.peakPressureDifference / (1e3 * GRAVITY);
    sizes27.push({
      id: "splashReach",
      name: "splash reaches",
      value: 2 * THROWN * head,
      quantity: "length",
      units: ["m", "ft"],
      note: "if a fifth of the work goes into water thrown at 45\xB0; an assumption on the far side"
    });
  }
  return sizes27;
}

// core/catalogue/steam/balloon-into-flask/cautions.ts
var gates3 = [
  {
    step: "charge",
    text: "The flask looked over against the light: no scratch, star or chip; a screen between it and everybody.",
    guards: ["glass-under-difference"]
  },
  {
    step: "heat",
    text: "Goggles on for all; hair and sleeves back; the neck open, nothing near it that could close it.",
    guards: ["heat", "flame", "scald"]
  },
  {
    step: "cover",
    text: "Heat off and away; it no longer boils; gloves on. It never goes back on the heat with the balloon on.",
    guards: ["closed-hot-vessel", "scald"]
  },
  {
    step: "cool",
    text: "Screen up, hands off, goggles on: cold water on hot glass can crack it.",
    guards: ["chilled-glass"]
  }
];
var cautions3 = (values, s, risk) => {
  const { numbers: n, choices } = values;
  const { results: r, details } = s;
  const chill = atWorst(risk, "glassChill");
  return applying(
    glassUnderVacuum(
      atWorst(risk, "peakPressureDifference"),
      atWorst(risk, "peakPressureDifference") * n.vesselVolume,
      "charge",
      "Only a flask without a scratch, star or chip: a balloon that sticks in the neck leaves it under full vacuum"
    ),
    hotSurface(Math.max(details.overheat, r.boilingTemperature), "heat", "Heater and flask stay hot after use"),
    burnerGas("heat", n.heaterPower > 4e3),
    boilingDry(dryMargin(s), details.overheat, "purge", risk.dry),
    scald(r.boilingTemperature, n.waterCharge, "heat"),
    scald(r.boilingTemperature, n.waterCharge, "off", "The open flask", "scald-off"),
    neverHeatSealed("cover"),
    scald(r.boilingTemperature, n.waterCharge, "cover", "Steam from the neck", "scald-cover"),
    choices.coolingMethod === "pour" ? thermalShock(chill, n.shockLimit, shareCracked(chill, n.shockLimit), "cool") : void 0,
    bursts("The balloon", risk.share("bursts"), "cool")
  );
};
var afterFailure3 = (_values, _s, risk, outcome) => [
  heatOff("Heater off, if it is not; the flask never goes back on it with the balloon on."),
  standBack(say`Screen stays up for ${asTime(mayStillGo(risk))}: it may still go in.`),
  wait("Let it cool where it stands until a glove can stay on it."),
  pressureOff("With gloves, from behind the screen, lift the edge of the balloon off the lip: air goes in."),
  near(
    outcome === "bursts" ? "Pick every piece of rubber out of the flask." : "Take the balloon off; look at its neck."
  ),
  next(
    outcome === "bursts" ? "A larger balloon, or a smaller flask." : "Air was left in it: boil on longer, and be quicker with the balloon."
  )
];

// core/catalogue/steam/scene/bench.ts
var ASPECT = 2.6;
var bowlWidth = (volume) => Math.cbrt(4 * volume * 1.25 / (Math.PI * 0.45));
function benchOf(look) {
  const { diameter, height, stemLength = 0, mouthDepth = 0, bathVolume = 0, poolDepth = 0 } = look;
  const tall = height + stemLength;
  const unit = Math.max(tall, 0.7 * diameter);
  const top = look.heat ? 0.13 * unit : 0;
  const basin = look.cooling === "bath" ? bowlWidth(bathVolume) : look.cooling === "ice-pool" ? diameter + 0.5 * Math.max(diameter, 0.4 * unit) : 0;
  const depth = Math.max(0.45 * basin, mouthDepth * 1.25 + 0.05 * unit);
  const water = look.cooling === "bath" ? 0.8 * depth : poolDepth;
  const rim = look.cooling === "bath" ? depth : poolDepth + 0.07 * unit;
  const highest = Math.max(top + tall, look.cooling === "bath" ? water + tall : 0) + 0.24 * unit;
  const [low, high] = [-0.09 * unit, Math.max(highest, rim + 0.2 * unit)];
  const heaterWidth = Math.max(diameter, look.heat ? 0.62 * unit : 0);
  const [labels, coolWidth] = [0.75 * unit, Math.max(basin, diameter)];
  const twoPlaces = look.heat !== "" && look.cooling !== "";
  const needed2 = twoPlaces ? heaterWidth + labels + coolWidth + labels : Math.max(heaterWidth, coolWidth) + 2 * labels;
  const width = Math.max(needed2, ASPECT * (high - low));
  const spare = width - needed2;
  const left = twoPlaces ? -heaterWidth / 2 - 0.35 * spare : -width / 2;
  const x = twoPlaces ? heaterWidth / 2 + labels + coolWidth / 2 + 0.3 * spare : 0;
  return {
    frame: { left, right: left + width, bottom: low, top: high },
    unit,
    heater: { x: 0, top },
    basin: { x, width: basin, rim, water }
  };
}

// core/catalogue/steam/scene/vessel.ts
var eased = (t) => t * t * (3 - 2 * t);
function poseOf(look, { place, carried: carried3, depth }, bench) {
  const { heater, basin, unit } = bench;
  const stand = { x: heater.x, base: heater.top, turn: 0 };
  if (!look.cooling) return stand;
  const stem = look.stemLength ?? 0;
  const cold = look.cooling === "bath" ? { x: basin.x, base: basin.water - depth + stem, turn: 1 } : { x: basin.x, base: look.cooling === "ice-pool" ? 0.01 * unit : 0, turn: 0 };
  if (place === "sealed" || !look.heat && look.cooling !== "bath") return cold;
  if (place === "on-heat") return stand;
  const s = eased(carried3);
  return {
    x: stand.x + (cold.x - stand.x) * s,
    base: stand.base + (cold.base - stand.base) * s + 0.15 * unit * 4 * s * (1 - s),
    turn: cold.turn * Math.min(1, Math.max(0, (carried3 - 0.35) / 0.5))
  };
}
var closedAcross = ({ closure }) => closure === "bung" || closure === "relief";
var mouthAt = (look) => closedAcross(look) ? 0.28 * look.diameter : 0;
function placed(look, moment, pose) {
  const height = shortened(look.height, moment.volumeLost);
  const at4 = (points) => turned(moved(points, pose.x, pose.base), [pose.x, pose.base + height / 2], pose.turn);
  const mouth = Math.min(look.mouth, look.diameter);
  const wall = at4(
    vesselOutline({
      shape: look.shape,
      width: look.diameter,
      height: look.height,
      mouth: look.closure === "stem" ? 0.12 * look.diameter : mouth,
      mouthAt: mouthAt(look),
      neck: look.neckLength ?? (look.shape === "bottle" ? 0.14 * look.height : 0),
      lost: moment.volumeLost
    })
  );
  return { at: at4, height, mouth, mouthAt: mouthAt(look), wall, opening: at4([[mouthAt(look), height]])[0] };
}
var stemVolume = ({ mouth, stemLength = 0 }) => Math.PI * mouth ** 2 / 4 * stemLength;
var climbed = (look, { drawnIn }) => look.stemLength ? Math.min(1, drawnIn / stemVolume(look)) : 0;
function waterLevel(look, moment, capacity, height) {
  const inStem = look.stemLength ? Math.min(moment.drawnIn, stemVolume(look)) : 0;
  const volume = Math.max(0, moment.waterInside / 1e3 - inStem);
  const filled = volume / (capacity * Math.max(0.15, 1 - moment.volumeLost));
  return height * Math.min(0.98, levelOf(look.shape, filled));
}
function vesselShapes(look, moment, p, capacity, seething) {
  const bottom = Math.min(...p.wall.map(([, y]) => y));
  const level = waterLevel(look, moment, capacity, p.height);
  const [x] = p.at([[0, p.height / 2]])[0];
  const shapes = [
    { kind: "gas", points: p.wall, air: 1.1 * moment.airFraction, vapour: 0.15 + 0.6 * (1 - moment.airFraction) }
  ];
  if (level > 0) {
    const water = filledTo(p.wall, bottom + level);
    shapes.push({ kind: "body", points: water, stuff: "water", opacity: 0.85, thick: 0 });
  }
  if (seething) {
    const high = Math.max(level, 0.03 * p.height);
    shapes.push({ kind: "bubbles", at: [x, bottom], wide: 0.7 * look.diameter, high, count: 6 });
  }
  shapes.push(...jet(look, moment, p, bottom));
  for (const y of hoops(look, moment)) {
    const line = p.at([
      [-look.diameter / 2, y],
      [look.diameter / 2, y]
    ]);
    shapes.push({ kind: "body", points: line, stuff: "metal", open: true, thick: 3 });
  }
  shapes.push({ kind: "body", points: p.wall, stuff: "metal", open: true, thick: 2.2 });
  return shapes;
}
function jet(look, moment, p, bottom) {
  if (moment.jet < 0.4 || look.stemLength && climbed(look, moment) < 1) return [];
  const high = Math.min(0.95 * p.height, moment.jet ** 2 / (2 * 9.81));
  const [x] = p.opening;
  const half = Math.max(0.3 * p.mouth, 0.01 * look.diameter);
  const points = [
    [x - half, bottom],
    [x - 0.6 * half, bottom + 0.9 * high],
    [x, bottom + high],
    [x + 0.6 * half, bottom + 0.9 * high],
    [x + half, bottom]
  ];
  return [{ kind: "body", points, stuff: "water", opacity: 0.55, thick: 0 }];
}
function hoops({ hoopSpacing = 0, height }, { volumeLost }) {
  if (hoopSpacing < 0.04 * height || hoopSpacing > 0.9 * height || volumeLost > 0.05) return [];
  const count2 = Math.round(height / hoopSpacing) - 1;
  return Array.from({ length: Math.max(0, count2) }, (_, i) => (i + 1) * height / (count2 + 1));
}
function stemShapes(look, moment, p) {
  const { stemLength = 0 } = look;
  if (stemLength === 0) return [];
  const tube = (width, length2) => p.at(rectangle(-width / 2, p.height + stemLength - length2, width, length2));
  const inside = 0.04 * look.height;
  return [
    { kind: "body", points: tube(p.mouth, stemLength + inside), stuff: "glass", thick: 1.6 },
    {
      kind: "body",
      points: tube(0.8 * p.mouth, (stemLength + inside) * climbed(look, moment)),
      stuff: "water",
      thick: 0
    }
  ];
}
function closureShapes(look, moment, p) {
  const u = 0.05 * look.height;
  const piece = (points, more = {}) => ({
    kind: "body",
    points: p.at(moved(points, p.mouthAt, p.height)),
    stuff: "metal",
    thick: 2,
    ...more
  });
  if (look.closure === "balloon") return balloonShapes(look, moment, p);
  if (look.closure === "relief") {
    const weight = [
      [-0.9 * u, 1.6 * u],
      [0.9 * u, 1.6 * u],
      [0.5 * u, 2.5 * u],
      [-0.5 * u, 2.5 * u]
    ];
    return [piece(rectangle(-0.4 * u, 0, 0.8 * u, 1.6 * u)), piece(weight, { hollow: true })];
  }
  if (look.closure === "vent") {
    const shut = [
      [-0.5 * u, 0.7 * u],
      [0.5 * u, 0.7 * u]
    ];
    return [
      piece(rectangle(-0.4 * u, 0, 0.8 * u, 0.7 * u), { stuff: "glass" }),
      ...look.vent ? [] : [piece(shut, { stuff: "danger", open: true, thick: 4 })]
    ];
  }
  const inBath = look.cooling === "bath";
  const held = moment.place === "sealed" || inBath && moment.place === "carried" && moment.carried > 0.1;
  const closed2 = inBath ? look.closure === "cap" && !moment.opened && held : moment.place === "sealed" && !!look.cooling;
  if (!closed2 || look.closure === "mouth" || look.closure === "stem") return [];
  const wide = Math.max(p.mouth * 1.15, 0.03 * look.height);
  return [piece(rectangle(-wide / 2, -0.3 * u, wide, 1.2 * u), { stuff: inBath ? "card" : "ink" })];
}
function balloonShapes(look, { place, volumeLost }, p) {
  if (place !== "sealed") return [];
  const { slackBalloon: slackBalloon2 = 0, capacity = 0 } = look;
  const volume = volumeLost * capacity;
  const half = p.mouth / 2;
  const u = 0.03 * look.height;
  const rubber = (points) => ({
    kind: "body",
    points: p.at(points),
    stuff: "rubber",
    open: true,
    thick: 2.2
  });
  const collar = rubber([
    [-half - u, p.height - 2 * u],
    [-half, p.height]
  ]);
  const other = rubber([
    [half + u, p.height - 2 * u],
    [half, p.height]
  ]);
  if (volume < 0.02 * slackBalloon2) {
    const hanging = [
      [half, p.height],
      [half + 2 * u, p.height + u],
      [half + 4 * u, p.height - 3 * u],
      [half + 3 * u, p.height - 6 * u]
    ];
    return [collar, other, rubber([[-half, p.height], ...hanging])];
  }
  const across = Math.cbrt(6 * volume / Math.PI);
  const limp = Math.min(1, volume / slackBalloon2);
  const wide = Math.min(0.96 * look.diameter, across * (0.6 + 0.4 * limp));
  const tall = Math.min(0.92 * look.height, volume / (Math.PI / 6 * wide * wide));
  const top = p.height - Math.min(0.08 * look.height, p.height - tall);
  const RIM = 24;
  const skin = Array.from({ length: RIM + 1 }, (_, i) => {
    const angle = Math.PI * (0.08 + 1.84 * i / RIM);
    return [Math.sin(angle) * wide / 2, top - tall / 2 + Math.cos(angle) * tall / 2];
  });
  const whole = [[half, p.height], ...skin, [-half, p.height]];
  return [{ kind: "gas", points: p.at(whole), air: 1, vapour: 0 }, collar, other, rubber(whole)];
}

// core/catalogue/steam/scene/caption.ts
var pushesOut = ({ pressure, outside }) => pressure > outside * 1.002;
var stoppered = (look, { opened: opened2, place, carried: carried3 }) => look.closure === "cap" && !opened2 && (place === "sealed" || carried3 > 0.1);
var captionOf = (look, moment) => !look.cooling ? reheated(moment) : look.cooling === "bath" ? dipped(look, moment) : closed(look, moment);
var onHeat = ({ plume, boiling }, plumed, cold) => plume ? plumed : boiling ? "Boiling; steam still condenses on the cold wall." : cold;
function reheated(m) {
  const lost = say`${asShare(m.volumeLost)} of its volume gone`;
  if (!pushesOut(m)) return say`On the heat with a way out for the steam; ${lost}.`;
  const over2 = asPressure(m.pressure - m.outside, { digits: 3 });
  return say`Steam inside pushes out with ${over2} over the room; ${lost}.`;
}
function closed(look, m) {
  if (m.place === "on-heat")
    return onHeat(m, "On the heat, open, a steady plume: the air is leaving.", "Open, warming up.");
  if (m.place === "carried")
    return look.heat ? "Heat off, still open: it cools and air comes in. Close it now." : "Open: vapour drives the air out.";
  if (look.closure === "balloon") return ballooned(look, m);
  if (m.volumeLost > 0.02) return say`${asShare(m.volumeLost)} of its volume gone.`;
  return look.closure === "vent" ? "Steam off, cooling on." : "Closed and cooling: the hush.";
}
var ballooned = ({ capacity = 0 }, { volumeLost }) => volumeLost > 0.02 ? say`Inside out in the flask, with ${asVolume(volumeLost * capacity, { digits: 2 })} of the room’s air in it.` : "The balloon is on; the flask cools: the hush.";
function dipped(look, m) {
  if (m.place === "on-heat") return onHeat(m, "On the heat, a steady plume: the air is leaving.", "Warming up.");
  if (m.place === "carried")
    return look.heat ? "Off the heat and turning over; every moment lets air in." : "Emptied and turning over; every moment lets air in.";
  if (stoppered(look, m)) return "Stoppered and under water: the steam inside condenses.";
  const water = asVolume(m.drawnIn, { digits: 2 });
  if (m.volumeLost > 0.02) return say`${asShare(m.volumeLost)} of its volume gone, ${water} of water in.`;
  const inStem = climbed(look, m);
  if (look.stemLength && inStem < 1)
    return m.drawnIn > 1e-7 ? say`Water climbs the stem: ${asShare(inStem)} of the way.` : "Stem under water: the hush.";
  return m.drawnIn > 1e-6 ? say`Mouth under water; ${water} drawn in.` : "Mouth under water: the hush.";
}

// core/catalogue/steam/scene/moment.ts
function momentAt(values, { trace, details, results: results28 }, time) {
  if (!trace) throw new RangeError("trace: the drawing needs a simulation with a trace");
  const { timeOfLifting: lifting, sealing } = details;
  const { mouthDepth = 0, plungeSpeed = 0.3 } = values.numbers;
  const column2 = (id) => trace.columns[id] ? valueAt(trace, id, time) : 0;
  const onHeat4 = time < lifting;
  const since = (start) => onHeat4 && start !== void 0 && time >= start;
  const dry2 = details.boiledDry === 1 && time > (results28.timeToDry ?? Infinity);
  const onTheWay = onHeat4 ? 0 : 1;
  return {
    place: onHeat4 ? "on-heat" : time < sealing ? "carried" : "sealed",
    carried: sealing > lifting ? Math.min(1, Math.max(0, (time - lifting) / (sealing - lifting))) : onTheWay,
    depth: time < sealing ? 0 : Math.min(mouthDepth, (time - sealing) * plungeSpeed),
    boiling: since(results28.timeToBoil),
    plume: since(results28.timeToPlume) && !dry2,
    opened: details.opening !== void 0 && time >= details.opening,
    waterInside: column2("waterInside"),
    volumeLost: column2("volumeLost"),
    drawnIn: column2("waterDrawnIn"),
    airFraction: column2("airFraction"),
    pressure: column2("pressure"),
    outside: details.stationPressure,
    jet: Math.max(0, column2("inflowSpeed")),
    wallTemperature: column2("wallTemperature")
  };
}

// core/catalogue/steam/scene/pushes.ts
var ROOM_ARROW = 0.13;
function pushShapes(look, m, p, { unit }, showInside) {
  const [x, middle] = p.at([[0, p.height / 2]])[0];
  const half = look.diameter / 2;
  const face = look.diameter * (0.5 - (look.cooling === "bath" ? 0 : 0.4 * m.volumeLost)) - 0.02 * unit;
  const [outer, inner] = [
    ROOM_ARROW * unit,
    Math.min(0.6 * look.diameter * 0.5, ROOM_ARROW * unit * m.pressure / m.outside)
  ];
  const gap = 0.025 * unit;
  const arrows = [-1, 0, 1].flatMap(
    (row) => [-1, 1].flatMap((side) => {
      const y = middle + row * 0.26 * p.height;
      return [
        {
          kind: "push",
          stuff: "outside-air",
          from: [x + side * (half + gap + outer), y],
          to: [x + side * (half + gap), y]
        },
        ...showInside ? [
          {
            kind: "push",
            stuff: "vapour",
            from: [x + side * (face - inner), y],
            to: [x + side * face, y]
          }
        ] : []
      ];
    })
  );
  const aside = half + 2 * gap + outer;
  return [
    ...arrows,
    {
      kind: "note",
      at: [x + aside, middle],
      anchor: "start",
      stuff: "outside-air",
      said: [say`outside ${kPa(m.outside)}`]
    },
    { kind: "note", at: [x - aside, middle], anchor: "end", stuff: "vapour", said: [say`inside ${kPa(m.pressure)}`] }
  ];
}
function gasShapes(look, m, p, { unit }) {
  const [x, middle] = p.at([[0, p.height / 2]])[0];
  const at4 = (line) => [x + look.diameter / 2 + 0.06 * unit, middle + (1 - line) * 0.09 * unit];
  return [
    { kind: "note", at: at4(0), stuff: "vapour", said: [say`steam ${asShare(1 - m.airFraction)}`] },
    { kind: "note", at: at4(1), stuff: "outside-air", said: [say`air ${asShare(m.airFraction)}`] },
    ...m.wallTemperature > 0 ? [
      {
        kind: "note",
        at: at4(2),
        said: [say`wall ${said(m.wallTemperature, "temperature", "degC", "degF")}`]
      }
    ] : []
  ];
}

// core/catalogue/steam/scene/surroundings.ts
var COOLANT = {
  "bath": "bath",
  "ice-pool": "ice pool",
  "spray": "spray",
  "pour": "poured water",
  "sprinkle": "sprinkled water",
  "still-air": "still air",
  "inside": "cold rinse inside",
  "": ""
};
var named = (x, { frame }, words) => ({
  kind: "note",
  at: [x, frame.bottom],
  anchor: "middle",
  said: [words]
});
function heaterShapes(look, moment, bench) {
  const { heater, unit } = bench;
  if (!look.heat) return [];
  const stuff = moment.place === "on-heat" ? "hot" : "iron";
  const plate = {
    kind: "body",
    points: rectangle(heater.x - 0.24 * unit, heater.top - 0.035 * unit, 0.48 * unit, 0.035 * unit),
    stuff,
    thick: 0
  };
  if (look.heat === "microwave") {
    const box = rectangle(heater.x - 0.31 * unit, 0, 0.62 * unit, heater.top + 1.12 * look.height);
    return [
      { kind: "body", points: box, stuff: "metal", hollow: true, thick: 3 },
      plate,
      named(heater.x, bench, "microwave")
    ];
  }
  const block = rectangle(heater.x - 0.3 * unit, 0, 0.6 * unit, heater.top - 0.035 * unit);
  return [
    { kind: "body", points: block, stuff: "iron", opacity: 0.85, thick: 0 },
    plate,
    named(heater.x, bench, "heater")
  ];
}
var waterShapes = ({ basin }, opacity) => basin.width === 0 ? [] : [
  {
    kind: "body",
    points: rectangle(basin.x - basin.width / 2, 0, basin.width, basin.water),
    stuff: "water",
    opacity,
    thick: 0
  }
];
function iceShapes(look, { basin, unit }, ice) {
  if (basin.width === 0) return [];
  const size = Math.min(0.05 * unit, 0.09 * basin.width);
  const room = Math.max(0, (basin.width - look.diameter) / 2 - 1.5 * size);
  const pieces = Math.min(9, Math.ceil(ice * (look.cooling === "bath" ? 6 : 2)));
  return Array.from({ length: pieces }, (_, i) => {
    const out = look.diameter / 2 + 0.3 * size + room * (Math.floor(i / 2) * 0.37 % 1);
    const left = i % 2 ? basin.x + out : basin.x - out - size;
    const bottom = basin.water - (0.75 - 0.1 * (i % 3)) * size;
    return { kind: "body", points: rectangle(left, bottom, size, 0.85 * size), stuff: "ice", thick: 1 };
  });
}
function rimShapes({ basin }) {
  if (basin.width === 0) return [];
  const [left, right] = [basin.x - basin.width / 2, basin.x + basin.width / 2];
  const [surface, wall] = [
    [
      [left, basin.water],
      [right, basin.water]
    ],
    [
      [left, basin.rim],
      [left, 0],
      [right, 0],
      [right, basin.rim]
    ]
  ];
  return [
    { kind: "body", points: surface, stuff: "water", open: true, thick: 1.5 },
    { kind: "body", points: wall, stuff: "metal", open: true, thick: 3 }
  ];
}
function coolingName(look, bench, temperature) {
  if (!look.cooling) return [];
  const warmth = said(temperature, "temperature", "degC", "degF");
  const words = look.cooling === "still-air" ? COOLANT[look.cooling] : look.cooling === "bath" ? say`bath ${warmth}` : say`${COOLANT[look.cooling]}, ${warmth}`;
  return [named(bench.basin.x, bench, words)];
}
function coolantShapes(look, p, { frame }) {
  const [x, middle] = p.at([[0, p.height / 2]])[0];
  const half = look.diameter / 2;
  const [top, bottom] = [middle + p.height / 2, middle - p.height / 2];
  const stroke = (at4, long2) => [at4, [at4[0], at4[1] - long2]];
  const long = 0.035 * p.height;
  if (look.cooling === "spray") {
    const beside = (i) => (i % 2 ? 1 : -1) * (half + 0.02 * p.height + 0.12 * p.height * (i * 0.27 % 1));
    const strokes = Array.from(
      { length: 18 },
      (_, i) => stroke([x + beside(i), top - 0.04 * p.height - 0.85 * p.height * (i * 0.36 % 1)], long)
    );
    return [{ kind: "drops", strokes }];
  }
  if (look.cooling === "sprinkle") {
    const room = Math.max(0.05 * p.height, frame.top - top - 2 * long);
    const strokes = Array.from(
      { length: 11 },
      (_, i) => stroke([x - half + 0.2 * half * i, top + long + room * (i * 0.61 % 1)], long)
    );
    return [{ kind: "drops", strokes }];
  }
  if (look.cooling === "inside") {
    const from = p.at([[0, 0.92 * p.height]])[0];
    const strokes = Array.from({ length: 14 }, (_, i) => {
      const [dx, dy] = [(i - 6.5) / 7.5 * 0.8 * half, (0.18 + 0.5 * (i * 0.61 % 1)) * p.height];
      return [
        [from[0] + 0.6 * dx, from[1] - 0.6 * dy],
        [from[0] + 0.8 * dx, from[1] - 0.8 * dy]
      ];
    });
    return [{ kind: "drops", strokes }];
  }
  if (look.cooling !== "pour") return [];
  const film = [
    [x - 0.8 * half, top],
    [x + half, top],
    [x + half, bottom + 0.08 * p.height]
  ];
  const stream = [
    [x + 0.5 * half, top + 0.14 * p.height],
    [x + 0.38 * half, top + 0.1 * p.height],
    [x + 0.34 * half, top]
  ];
  return [
    { kind: "body", points: stream, stuff: "water", open: true, thick: 7, opacity: 0.8 },
    { kind: "body", points: film, stuff: "water", open: true, thick: 3, opacity: 0.6 }
  ];
}

// core/catalogue/steam/scene/index.ts
function steamScene(values, run, time, look) {
  const moment = momentAt(values, run, time);
  const bench = benchOf(look);
  const stiff = look.closure === "balloon" ? { ...moment, volumeLost: 0 } : moment;
  const p = placed(look, stiff, poseOf(look, moment, bench));
  const sealed = moment.place === "sealed" && look.cooling !== "";
  const over2 = pushesOut(moment);
  const scene = { frame: bench.frame, shapes: [], caption: [captionOf(look, moment)] };
  const add = (...shapes) => scene.shapes.push(...shapes);
  add(...heaterShapes(look, moment, bench), ...waterShapes(bench, 0.22));
  add(...iceShapes(look, bench, values.numbers.iceMass ?? 0));
  add(...stemShapes(look, moment, p));
  add(...vesselShapes(look, stiff, p, run.details.capacity, moment.boiling || !look.cooling && over2));
  add(...closureShapes(look, moment, p));
  if (moment.plume) {
    const [x, y] = p.at([[p.mouthAt, p.height + (look.stemLength ?? 0)]])[0];
    add({ kind: "plume", at: [x, y] });
  }
  if (sealed) add(...coolantShapes(look, p, scene), ...waterShapes(bench, 0.2));
  add(...rimShapes(bench), ...coolingName(look, bench, run.details.bathTemperature ?? values.numbers.airTemperature));
  if (sealed || over2) add(...pushShapes(look, stiff, p, bench, moment.volumeLost < 0.3 || over2));
  else if (!sealed && (look.cooling !== "bath" || moment.place === "on-heat")) add(...gasShapes(look, moment, p, bench));
  return scene;
}

// core/mechanisms/coolants.ts
var USUAL_WETTED = {
  "ice-pool": 1,
  "spray": 0.7,
  "pour": 0.5,
  "sprinkle": 0.35,
  "still-air": 0
};
var SPRAY_STIRS = 1.6;
var POOL_CONDUCTANCE = 500;
function fallingFilmConductance(flowPerWidth) {
  const { conductivity, kinematicViscosity, prandtl } = BATH_WATER;
  const gravityLength = pow(kinematicViscosity * kinematicViscosity / 9.81, 1 / 3);
  const reynolds = flowPerWidth / (1e3 * kinematicViscosity);
  const wavy = 0.0425 * pow(reynolds, 0.2) * pow(prandtl, 0.344);
  const turbulent = 0.0136 * pow(reynolds, 0.4) * pow(prandtl, 0.344);
  const laminar = 1.3 / pow(reynolds, 1 / 3);
  return Math.max(laminar, wavy, turbulent) * conductivity / gravityLength;
}
function warmingFilmConductance(film, area, flow) {
  const capacity = flow * LIQUID_SPECIFIC_HEAT;
  return capacity / area * (1 - exp(-film * area / capacity));
}
function coolantOf(vessel, plan3) {
  const side = vessel.upperArea - vessel.crossSection;
  const { method, temperature, factor } = plan3;
  if (method === "still-air") return { temperature, conductance: 0, area: 0, throughBase: 0 };
  if (method === "ice-pool") {
    const depth = Math.min(plan3.poolDepth, vessel.height);
    const outside2 = factor * bathConductance(depth, 0.02, Math.max(plan3.excess, 1));
    const base = plan3.baseContact * vessel.crossSection * throughWall(vessel, 1 / (1 / outside2 + 1 / POOL_CONDUCTANCE));
    return {
      temperature,
      conductance: throughWall(vessel, outside2),
      area: side * depth / vessel.height,
      throughBase: base
    };
  }
  const area = Math.max(1e-4, plan3.wettedShare * vessel.upperArea);
  const width = Math.PI * vessel.diameter * plan3.wettedShare;
  const film = factor * fallingFilmConductance(plan3.flow / width) * (method === "spray" ? SPRAY_STIRS : 1);
  const outside = warmingFilmConductance(film, area, plan3.flow);
  return { temperature, conductance: throughWall(vessel, outside), area, throughBase: 0 };
}

// core/mechanisms/sealed.ts
var NEGLIGIBLE = 10;
var LONGEST_SEALED = 12 * 3600;
var NO_MORE = 0.95;
var CREEP_TOLERANCE = 1.5;
var SOFT_TOLERANCE = 0.15;
var SKIN_TOLERANCE = 1.5;
var SUDDEN = 0.04;
var COLLAPSE_STEPS = 40;
var OVER = 0.9;
var PATIENCE = 300;
var MOST_PATIENCE = 19e3;
var SHOWS = 0.02;
var following = ({ wall, plan: plan3 }, soft) => wall !== "creeping" ? 1 : plan3.strength.skin ? SKIN_TOLERANCE : soft ? SOFT_TOLERANCE : CREEP_TOLERANCE;
var times = [];
var differences = [];
var losses = [];
function coolSealed(system, state3, options) {
  const {
    tolerance,
    soft = false,
    longest = LONGEST_SEALED,
    coolDelay = 0,
    talkAt,
    untilPeak = false,
    record
  } = options;
  const difference = (_, s) => system.difference(s);
  const critical = {
    id: "critical",
    direction: 1,
    stops: true,
    value: (_, s) => system.difference(s) - system.critical(s)
  };
  const stops = { id: "wall-stops", direction: -1, stops: true, value: (_, s) => s[COOLING.losing] };
  const shows = { id: "shows", direction: 1, stops: false, value: (_, s) => s[COOLING.lost] - SHOWS };
  const settled = {
    id: "settled",
    direction: -1,
    stops: true,
    value: (t, s, slope) => system.closedUnrest(t, s, slope)
  };
  const talk = talkAt === void 0 ? [] : [{ id: "talk", direction: 1, stops: false, value: (_, s) => system.difference(s) - talkAt }];
  let peakDifference = -Infinity;
  let timeOfPeak = 0;
  let greatest = 0;
  const falls = untilPeak ? [
    {
      id: "falls",
      direction: -1,
      stops: true,
      value: (_, s) => greatest > 0 ? system.difference(s) - OVER * greatest : 1
    }
  ] : [];
  let hush;
  let talked;
  let time = 0;
  times.length = differences.length = losses.length = 0;
  const onStep = (at4, s) => {
    const now = system.difference(s);
    times.push(at4);
    differences.push(now);
    losses.push(s[COOLING.lost]);
    if (now > greatest) greatest = now;
    record?.(at4, s);
  };
  const integrator3 = integratorOf(system.size);
  system.wall = soft ? "creeping" : "standing";
  system.cooled = coolDelay <= 0;
  while (time < longest) {
    const watched = [...talk, ...falls, ...system.cooled ? [settled] : []];
    const events = system.wall === "standing" ? [critical, ...watched] : system.wall === "moving" ? [stops] : [shows, ...watched];
    const sudden = system.wall === "moving" ? time + SUDDEN : Infinity;
    const until = Math.min(longest, system.cooled ? Infinity : coolDelay, sudden);
    const stage = integrator3.run(system, state3, time, until, {
      tolerance: following(system, soft) * tolerance,
      firstStep: system.wall === "moving" ? 1e-5 : 0.05,
      explicitSteps: system.wall === "moving" ? COLLAPSE_STEPS : 0,
      events,
      onStep,
      // What follows a collapse is told by the ends of its steps; the way there is watched more closely.
      between: record ? 2 : system.wall === "creeping" && !soft ? 0 : 1,
      peaks: [{ id: "difference", value: difference }],
      patience: Math.min(MOST_PATIENCE, PATIENCE / Math.sqrt(tolerance))
    });
    time = stage.time;
    const { value, time: at4 } = stage.peaks.difference;
    if (value > peakDifference) {
      peakDifference = value;
      timeOfPeak = at4;
    }
    talked ??= stage.occurrences.find((o) => o.id === "talk")?.time;
    if (soft) hush ??= stage.occurrences.find((o) => o.id === "shows")?.time;
    if (stage.stoppedBy === void 0) {
      if (!system.cooled && time >= coolDelay) system.cooled = true;
      if (time >= sudden) {
        system.wall = "creeping";
        state3[COOLING.losing] = 0;
      }
      continue;
    }
    if (stage.stoppedBy === "settled" || stage.stoppedBy === "falls" || stage.stoppedBy === "patience") break;
    if (stage.stoppedBy === "critical") {
      hush = time;
      system.wall = "moving";
      state3[COOLING.losing] = 1e-6;
    } else {
      system.wall = "creeping";
      state3[COOLING.losing] = 0;
    }
  }
  peakDifference = peakDifference > NEGLIGIBLE ? peakDifference : 0;
  return {
    hush,
    talk: talked,
    peakDifference,
    timeOfPeak,
    noMore: peakDifference > 0 ? firstReached(NO_MORE * peakDifference, times, differences) ?? time : 0,
    end: time,
    whenLost: (share) => firstReached(share, times, losses)
  };
}

// core/mechanisms/steam-vessel.ts
function cylinderVessel(measures, solid) {
  const { diameter, height } = measures;
  const end = Math.PI * diameter * diameter / 4;
  return { ...measures, crossSection: end, upperArea: Math.PI * diameter * height + end, solid };
}
function boxVessel(measures, solid) {
  const { capacity, width, depth, height, wallThickness, mouthDiameter } = measures;
  const end = width * depth;
  return {
    capacity,
    height,
    wallThickness,
    mouthDiameter,
    solid,
    diameter: 2 * (width + depth) / Math.PI,
    crossSection: end,
    upperArea: 2 * (width + depth) * height + end
  };
}
var FLASK_POOL = 0.7;
function flaskVessel(measures, solid) {
  const diameter = pow(6 * measures.capacity / Math.PI, 1 / 3);
  const section = Math.PI * diameter * diameter / 4;
  return {
    ...measures,
    diameter,
    height: diameter,
    crossSection: FLASK_POOL * section,
    upperArea: 4 * section - FLASK_POOL * section,
    solid
  };
}

// core/catalogue/steam/filling.ts
function roomOf({ numbers: n }, vessel) {
  const pressure = n.stationPressure;
  const temperature = n.airTemperature;
  return {
    pressure,
    temperature,
    boilingPoint: saturationTemperature(pressure),
    vapourFraction: n.relativeHumidity * quickSaturationPressure(temperature) / pressure,
    airDensity: humidAirDensity(temperature, pressure, n.relativeHumidity),
    loss: roomLoss(vessel.height, temperature, pressure, vessel.solid.emissivity)
  };
}
var heldBelowBoiling = (temperature, room) => Math.min(temperature, room.boilingPoint - 0.05);
function heatingPlan(values, vessel) {
  const n = values.numbers;
  const room = roomOf(values, vessel);
  const chargeTemperature = heldBelowBoiling(n.chargeTemperature, room);
  return {
    vessel,
    room,
    power: n.heaterPower * n.heatingEfficiency,
    heaterLimit: n.heaterLimit,
    charge: n.waterCharge * quickLiquidDensity(chargeTemperature),
    chargeTemperature,
    mixing: n.purgeMixing,
    plumeFraction: n.plumeVapourFraction,
    purgeTime: n.purgeTime,
    airLayerFactor: n.airLayerFactor
  };
}
var heating = new Float64Array(5);
var carried = new Float64Array(4);
function fillByBoiling(plan3, carrying, surfaceConductance, tolerance, recorder) {
  const heated = heat(plan3, heating, tolerance, recorder?.heating);
  carried[TRANSFER.wall] = heating[HEATING.wall];
  carried[TRANSFER.pool] = heated.boiledDry ? Math.min(heating[HEATING.base], 440) : Math.max(heating[HEATING.water], 273.2);
  carried[TRANSFER.waterMass] = heating[HEATING.waterMass];
  carried[TRANSFER.airMoles] = heating[HEATING.airMoles];
  const overheat = Math.max(heating[HEATING.base], heating[HEATING.wall]);
  recorder?.beginTransfer(heated.timeOfLifting);
  transfer(
    { vessel: plan3.vessel, room: plan3.room, ...carrying, airLayerFactor: plan3.airLayerFactor, surfaceConductance },
    carried,
    tolerance,
    recorder?.transfer
  );
  return {
    wall: carried[TRANSFER.wall],
    liquid: carried[TRANSFER.pool],
    waterMass: carried[TRANSFER.waterMass],
    airMoles: carried[TRANSFER.airMoles],
    timeOfLifting: heated.timeOfLifting,
    sealing: heated.timeOfLifting + carrying.duration,
    overheat,
    heated
  };
}
function gasAtSeal(plan3, filled, pool) {
  const { vessel, room } = plan3;
  const temperature = (filled.wall + filled.liquid) / 2;
  const volume = vessel.capacity - Math.max(pool, 2e-5) / quickLiquidDensity(Math.min(filled.liquid, 372));
  const moles = room.pressure * volume / (GAS_CONSTANT * temperature);
  const airMoles = Math.min(filled.airMoles, moles);
  const air = airMoles * AIR_MOLAR_MASS;
  return {
    temperature,
    air,
    steam: (room.pressure * volume / temperature - air * AIR_GAS_CONSTANT) / WATER_GAS_CONSTANT,
    residualAirFraction: airMoles / moles
  };
}
var withTotals = new Float64Array(COOLING_SIZE);
var alone = withTotals.subarray(0, COOLING.condensedOnWall);
function coolingStart(system, filled, gas) {
  const state3 = system.size === COOLING_SIZE ? withTotals : alone;
  withTotals.fill(0);
  state3[COOLING.air] = gas.air;
  state3[COOLING.gas] = gas.temperature;
  const { pressure } = system.plan.room;
  state3[COOLING.vapour] = Math.max(
    (pressure * system.gasVolume(state3) / gas.temperature - gas.air * AIR_GAS_CONSTANT) / WATER_GAS_CONSTANT,
    1e-8
  );
  state3[COOLING.wetWall] = filled.wall;
  state3[COOLING.dryWall] = filled.wall;
  state3[COOLING.liquid] = Math.min(filled.liquid, system.plan.room.boilingPoint);
  return state3;
}
var floorPressure = (gas, room, coldest) => gas.residualAirFraction * room.pressure * coldest / gas.temperature + quickSaturationPressure(coldest);

// core/catalogue/steam/report.ts
var EVENT_NAMES = {
  "boil": "boils",
  "plume": "steady plume",
  "dry": "boils dry",
  "lift": "off the heat",
  "seal": "sealed",
  "talk": "a panel talks",
  "critical": "wall gives way",
  "mouth-full": "water through the mouth",
  "full": "full of water",
  "unstop": "stopper out",
  "relief": "steam comes out",
  "pop": "pops back",
  "round": "round inside",
  "over": "past its rated vacuum",
  "peak": "greatest difference"
};
var EventList = class {
  constructor(names = {}) {
    this.names = names;
  }
  names;
  events = [];
  add(id, time) {
    if (time !== void 0) this.events.push({ id, name: this.names[id] ?? EVENT_NAMES[id], time });
    return this;
  }
  addHeating({ heated, timeOfLifting, sealing }) {
    if (heated)
      this.add("boil", heated.timeToBoil).add("plume", heated.timeToPlume).add("dry", heated.boiledDry ? heated.timeToDry : void 0);
    if (timeOfLifting > 0) this.add("lift", timeOfLifting);
    return this.add("seal", sealing);
  }
  sorted() {
    return this.events.sort((a, b) => a.time - b.time);
  }
};
function resultsAtSeal(plan3, filled, gas, coldest) {
  const { heated } = filled;
  return {
    boilingTemperature: plan3.room.boilingPoint,
    waterLeft: filled.waterMass,
    residualAirFraction: gas.residualAirFraction,
    steamMass: gas.steam,
    floorPressure: floorPressure(gas, plan3.room, coldest),
    ...heated?.timeToBoil !== void 0 && { timeToBoil: heated.timeToBoil },
    ...heated?.timeToPlume !== void 0 && { timeToPlume: heated.timeToPlume },
    ...heated?.timeToDry !== void 0 && { timeToDry: heated.timeToDry }
  };
}
var detailsAtSeal = (plan3, filled) => ({
  timeOfLifting: filled.timeOfLifting,
  sealing: filled.sealing,
  boiledDry: filled.heated?.boiledDry ? 1 : 0,
  steamRate: filled.heated?.steamRate ?? 0,
  overheat: filled.overheat,
  stationPressure: plan3.room.pressure,
  capacity: plan3.vessel.capacity,
  wallAtSeal: filled.wall,
  liquidAtSeal: filled.liquid
});
var forcesOf = (surface, roomPressure, peakDifference) => ({
  peakPressureDifference: peakDifference,
  outsideForce: roomPressure * surface,
  peakNetForce: peakDifference * surface
});

// core/catalogue/steam/balloon-into-flask/simulate.ts
var ROUND = 1.1;
var SEEN = 0.05;
var DRAG = 20;
var AGAINST_GLASS = 2e5;
var flaskOf = ({ numbers: n }) => flaskVessel(
  { capacity: n.vesselVolume, wallThickness: n.wallThickness, mouthDiameter: n.mouthDiameter },
  SOLIDS.glass
);
var stretchAt = (rubber, volume) => volume > 0 ? cubeRoot(3 * volume / (4 * Math.PI)) / rubber.radius : 0;
var heldBy = (rubber, capacity, room) => (lost) => {
  const skin = skinPressure(rubber, stretchAt(rubber, Math.min(lost, room) * capacity));
  return lost <= room ? skin : skin + AGAINST_GLASS * (lost - room) / 0.01;
};
function simulate3(values, detail, refinement = 1) {
  const n = values.numbers;
  const vessel = flaskOf(values);
  const rubber = rubberOf(values);
  const plan3 = heatingPlan(values, vessel);
  const { room } = plan3;
  const tolerance = stepTolerance(detail, refinement);
  const recorder = detail === "trace" ? new TraceRecorder(plan3, "heat", "drawn in") : void 0;
  const filled = fillByBoiling(
    plan3,
    { duration: n.sealDelay, uprightShare: 1, moved: false },
    n.surfaceConductance,
    tolerance,
    recorder
  );
  const gas = gasAtSeal(plan3, filled, filled.waterMass);
  const method = values.choices.coolingMethod;
  const poured = method === "pour";
  const temperature = poured ? heldBelowBoiling(n.bathTemperature, room) : room.temperature;
  const cooling = {
    vessel,
    room,
    pool: filled.waterMass,
    leakArea: 0,
    coolant: coolantOf(vessel, {
      method,
      temperature,
      flow: n.coolantFlow * 1e3,
      poolDepth: 0,
      wettedShare: Math.min(1, USUAL_WETTED[method] * n.wettedFactor),
      baseContact: 0,
      factor: n.bathTransferFactor,
      excess: filled.wall - temperature
    }),
    strength: {
      criticalDifference: hump(rubber),
      residualLoad: 1,
      stiffening: 0,
      packing: 1,
      skin: { held: heldBy(rubber, vessel.capacity, n.crowding), resistance: DRAG / 0.1 }
    },
    airLayerFactor: plan3.airLayerFactor,
    surfaceConductance: n.surfaceConductance
  };
  const system = new CoolingVessel(cooling, detail === "trace");
  const state3 = coolingStart(system, filled, gas);
  recorder?.beginCooling(filled.sealing, system);
  const ended = coolSealed(system, state3, {
    tolerance,
    soft: true,
    coolDelay: poured ? n.coolDelay : 0,
    record: recorder?.cooling
  });
  const lost = Math.max(0, state3[COOLING.lost]);
  const stretch = stretchAt(rubber, lost * vessel.capacity);
  const slack = balloonVolume(rubber, 1) / vessel.capacity;
  const roundAt = ended.whenLost(Math.max(SEEN, slack * ROUND * ROUND * ROUND));
  const inside = ended.whenLost(SEEN);
  const burst = stretch >= rubber.burst;
  const at4 = (time) => time === void 0 ? void 0 : filled.sealing + time;
  const events = new EventList({ seal: "balloon on", critical: "goes in" }).addHeating(filled).add("critical", at4(inside)).add("round", at4(roundAt));
  const simulation = {
    results: {
      ...resultsAtSeal(plan3, filled, gas, temperature),
      ...forcesOf(vessel.upperArea + vessel.crossSection, room.pressure, ended.peakDifference),
      criticalPressureDifference: hump(rubber),
      balloonInside: lost * vessel.capacity,
      balloonShare: lost,
      balloonAcross: stretch * 2 * rubber.radius,
      skinPressure: skinPressure(rubber, stretch),
      glassChill: poured ? Math.max(0, filled.wall - temperature) : 0,
      ...inside !== void 0 && { hush: inside },
      ...roundAt !== void 0 && { timeToRound: roundAt },
      giveUpTime: ended.end
    },
    events: events.sorted(),
    outcome: burst ? "bursts" : roundAt !== void 0 ? "in" : inside !== void 0 ? "limp" : "stays",
    details: {
      ...detailsAtSeal(plan3, filled),
      timeOfPeak: filled.sealing + ended.timeOfPeak,
      pool: cooling.pool,
      bathTemperature: temperature,
      ...inside !== void 0 && { goneAt: filled.sealing + inside }
    }
  };
  return { ...simulation, ...recorder && { trace: recorder.finish(simulation) } };
}

// core/catalogue/steam/balloon-into-flask/drawing.ts
var drawing3 = (values, s, time) => steamScene(values, s, time, {
  shape: "flask",
  closure: "balloon",
  cooling: values.choices.coolingMethod,
  heat: "flame",
  diameter: flaskOf(values).diameter,
  height: flaskOf(values).height,
  mouth: values.numbers.mouthDiameter,
  capacity: values.numbers.vesselVolume,
  slackBalloon: balloonVolume(rubberOf(values), 1)
});

// core/catalogue/steam/checks.ts
function capacityFits({ numbers: n }, enclosed, by = "its diameter and height") {
  return n.vesselVolume > enclosed * 1.03 ? [
    {
      input: "vesselVolume",
      message: say`given ${asVolume(n.vesselVolume, { digits: 4 })}; accepted: at most
            ${asVolume(enclosed, { digits: 4, toward: "below" })}, what ${by} enclose`
    }
  ] : [];
}
function belowBoiling({ numbers: n }, ...inputs33) {
  const boiling = saturationTemperature(n.stationPressure);
  return inputs33.filter((input) => n[input] >= boiling).map((input) => ({
    input,
    message: say`given ${asTemperature(n[input], { digits: 4 })}; accepted: below
        ${asTemperature(boiling, { digits: 4, toward: "below" })}, where water boils at
        ${asPressure(n.stationPressure, { digits: 4 })}`
  }));
}
function waterFits({ numbers: n }, vessel) {
  return n.waterCharge > 0.95 * n.vesselVolume ? [
    {
      input: "waterCharge",
      message: say`given ${asVolume(n.waterCharge, { digits: 4 })}; accepted: at most
            ${asVolume(0.95 * n.vesselVolume, {
        digits: 4,
        toward: "below"
      })}, which leaves a little room in the ${vessel}`
    }
  ] : [];
}
var brimful = ({ numbers: n }) => n.waterCharge > 1.01 * n.vesselVolume ? [
  {
    input: "waterCharge",
    message: say`given ${asVolume(n.waterCharge, { digits: 4 })}; accepted: at most
            ${asVolume(n.vesselVolume, { digits: 4, toward: "below" })}, the whole bottle`
  }
] : [];
function atMost({ numbers: n }, input, limit, words) {
  return over(n[input], n[limit]) ? [
    {
      input,
      message: say`given ${asLength(n[input], { digits: 4 })}; accepted: at most ${words},
            ${asLength(n[limit], { digits: 4, toward: "below" })}`
    }
  ] : [];
}
function thinWall({ numbers: n }, diameter) {
  return n.wallThickness / diameter > 0.05 ? [
    {
      input: "wallThickness",
      message: say`given ${asLength(n.wallThickness, { digits: 4 })}; accepted: at most a twentieth of the
            diameter, ${asLength(diameter / 20, { digits: 4, toward: "below" })} (thin-shell buckling)`
    }
  ] : [];
}
function glassWall({ numbers: n }) {
  const most = n.vesselDiameter / 10;
  return n.wallThickness > most ? [
    {
      input: "wallThickness",
      message: say`given ${asLength(n.wallThickness, { digits: 4 })}; accepted: at most a tenth of the
            diameter, ${asLength(most, { digits: 4, toward: "below" })}`
    }
  ] : [];
}

// core/catalogue/steam/inputs.ts
var CELSIUS2 = 273.15;
var ASSUMED = "assumption, to be narrowed by past runs";
var knockDown = ({ choices }) => choices.vesselCondition === "dented" ? 0.45 : 0.75;
var QUANTITIES = defineInputs([
  {
    id: "vesselVolume",
    tells: "vessel",
    name: "capacity",
    kind: "quantity",
    quantity: "volume",
    units: ["mL", "floz"],
    group: "vessel",
    default: 33e-5,
    range: [5e-5, 6e-3],
    usual: [2e-4, 1e-3],
    spread: { shape: "normal", relative: 0.01 }
  },
  {
    id: "vesselDiameter",
    name: "diameter",
    kind: "quantity",
    quantity: "length",
    units: ["mm", "in"],
    group: "vessel",
    default: 0.0575,
    range: [0.03, 0.25],
    usual: [0.045, 0.11],
    spread: { shape: "normal", relative: 5e-3 }
  },
  {
    id: "vesselHeight",
    name: "height",
    kind: "quantity",
    quantity: "length",
    units: ["mm", "in"],
    group: "vessel",
    default: 0.145,
    range: [0.04, 0.5],
    usual: [0.08, 0.2],
    spread: { shape: "normal", relative: 5e-3 }
  },
  {
    id: "wallThickness",
    name: "wall thickness",
    kind: "quantity",
    quantity: "length",
    units: ["mm", "mil"],
    group: "vessel",
    default: 1e-4,
    range: [5e-5, 15e-4],
    usual: [7e-5, 4e-4],
    spread: { shape: "normal", relative: 0.06 }
  },
  {
    id: "mouthDiameter",
    name: "mouth",
    kind: "quantity",
    quantity: "length",
    units: ["mm", "in"],
    group: "vessel",
    default: 0.022,
    range: [3e-3, 0.12],
    usual: [8e-3, 0.05],
    spread: { shape: "normal", relative: 0.04 }
  },
  {
    id: "waterCharge",
    name: "water inside",
    kind: "quantity",
    quantity: "volume",
    units: ["mL", "floz"],
    group: "water",
    default: 15e-6,
    range: [1e-6, 2e-3],
    usual: [3e-6, 6e-5],
    spread: { shape: "normal", relative: 0.1 },
    lever: [-5e-6, 5e-6, 1e-5]
  },
  {
    id: "chargeTemperature",
    name: "its temperature",
    kind: "quantity",
    quantity: "temperature",
    units: ["degC", "degF"],
    group: "water",
    default: 20 + CELSIUS2,
    range: [0.5 + CELSIUS2, 98 + CELSIUS2],
    usual: [5 + CELSIUS2, 90 + CELSIUS2],
    spread: { shape: "normal", absolute: 2 }
  },
  {
    id: "heaterPower",
    tells: "heater",
    heats: true,
    name: "heater",
    kind: "quantity",
    quantity: "power",
    units: ["kW", "BTU/h"],
    group: "heat",
    default: 1200,
    range: [50, 2e4],
    usual: [300, 3e3],
    spread: { shape: "normal", relative: 0.05 }
  },
  {
    id: "heatingEfficiency",
    belongsTo: ["heater", "vessel"],
    heats: true,
    name: "share of the heat that gets in",
    kind: "quantity",
    quantity: "fraction",
    units: ["%", "%"],
    group: "heat",
    default: 0.2,
    range: [0.02, 0.95],
    usual: [0.05, 0.6],
    spread: { shape: "lognormal", relative: 0.2 },
    source: "common practice: a slim can covers about a seventh of a plate and takes a little more than that share"
  },
  {
    id: "purgeTime",
    measuredBy: ["plume", "lifted"],
    name: "boiling on after the plume",
    kind: "quantity",
    quantity: "time",
    units: ["s", "s"],
    group: "heat",
    default: 30,
    range: [0, 1800],
    usual: [0, 120],
    spread: { shape: "normal", absolute: 1 },
    lever: [-10, 10, 30]
  },
  {
    id: "transferTime",
    measuredBy: ["lifted", "sealed"],
    name: "from the heat into the water",
    kind: "quantity",
    quantity: "time",
    units: ["s", "s"],
    group: "cooling",
    default: 1,
    range: [0.2, 60],
    usual: [0.5, 12],
    spread: { shape: "lognormal", relative: 0.25 },
    lever: [-1, -0.5, 1, 3]
  },
  {
    id: "bathTemperature",
    name: "bath",
    kind: "quantity",
    quantity: "temperature",
    units: ["degC", "degF"],
    group: "cooling",
    default: 4 + CELSIUS2,
    range: [0.1 + CELSIUS2, 99 + CELSIUS2],
    usual: [0.5 + CELSIUS2, 90 + CELSIUS2],
    spread: { shape: "normal", absolute: 1 },
    lever: [-10, 10]
  },
  {
    id: "bathVolume",
    name: "water in the bath",
    kind: "quantity",
    quantity: "volume",
    units: ["L", "qt"],
    group: "cooling",
    default: 6e-3,
    range: [2e-4, 0.5],
    usual: [1e-3, 0.02],
    spread: { shape: "normal", relative: 0.1 }
  },
  {
    id: "iceMass",
    name: "ice in the bath",
    kind: "quantity",
    quantity: "mass",
    units: ["g", "lb"],
    group: "cooling",
    default: 0.8,
    range: [0, 50],
    usual: [0, 3],
    spread: { shape: "normal", relative: 0.15 }
  },
  {
    id: "mouthDepth",
    name: "mouth under the surface",
    kind: "quantity",
    quantity: "length",
    units: ["cm", "in"],
    group: "cooling",
    default: 0.03,
    range: [2e-3, 0.4],
    usual: [5e-3, 0.1],
    spread: { shape: "normal", relative: 0.2 },
    lever: [-0.01, 0.02]
  },
  {
    id: "purgeMixing",
    name: "mixing of steam and air while purging",
    kind: "quantity",
    quantity: "fraction",
    units: ["%", "%"],
    group: "coefficient",
    default: 0.8,
    range: [0.05, 1],
    usual: [0.2, 1],
    spread: { shape: "triangular", below: 0.3, above: 0.2 },
    source: "1: one stirred tank (cautious); towards 0: the steam pushes the air out in front of it (Levenspiel 1999, ch. 12)"
  },
  {
    id: "plumeVapourFraction",
    name: "steam in the gas that leaves when a plume first looks steady",
    kind: "quantity",
    quantity: "fraction",
    units: ["%", "%"],
    group: "coefficient",
    default: 0.45,
    range: [0.05, 0.95],
    usual: [0.2, 0.8],
    spread: { shape: "triangular", below: 0.2, above: 0.3 },
    source: ASSUMED
  },
  {
    id: "heaterLimit",
    belongsTo: ["heater"],
    name: "hottest the heater gets",
    kind: "quantity",
    quantity: "temperature",
    units: ["degC", "degF"],
    group: "coefficient",
    default: 520 + CELSIUS2,
    range: [150 + CELSIUS2, 1900 + CELSIUS2],
    usual: [300 + CELSIUS2, 700 + CELSIUS2],
    spread: { shape: "normal", absolute: 40 },
    source: "surface of a radiant or sealed plate at full power, from memory 450 to 600 \xB0C"
  },
  {
    id: "uprightShare",
    name: "share of the carrying with the mouth still up",
    kind: "quantity",
    quantity: "fraction",
    units: ["%", "%"],
    group: "coefficient",
    default: 0.5,
    range: [0, 1],
    usual: [0.2, 0.8],
    spread: { shape: "uniform", below: 0.2, above: 0.2 },
    source: ASSUMED
  },
  {
    id: "poolRetained",
    name: "share of the water left that stays inside when turned over",
    kind: "quantity",
    quantity: "fraction",
    units: ["%", "%"],
    group: "coefficient",
    default: 0.25,
    range: [0, 1],
    usual: [0, 0.8],
    spread: { shape: "uniform", below: 0.2, above: 0.25 },
    source: ASSUMED
  },
  {
    id: "plungeSpeed",
    name: "speed of the plunge",
    kind: "quantity",
    quantity: "speed",
    units: ["m/s", "ft/s"],
    group: "coefficient",
    default: 0.3,
    range: [0.02, 3],
    usual: [0.1, 1],
    spread: { shape: "lognormal", relative: 0.3 },
    source: "an arm putting a can into a bowl; assumption"
  },
  {
    id: "airLayerFactor",
    name: "how freely steam passes the air left inside",
    kind: "quantity",
    quantity: "fraction",
    units: ["%", "%"],
    group: "coefficient",
    default: 1,
    range: [0.2, 5],
    usual: [0.4, 2.5],
    spread: { shape: "lognormal", relative: 0.3 },
    source: "100 %: Uchida et al. 1964, measured in a large vessel; a plunge stirs more, a small can less"
  },
  {
    id: "bathTransferFactor",
    name: "how fast the bath cools the wall",
    kind: "quantity",
    quantity: "fraction",
    units: ["%", "%"],
    group: "coefficient",
    default: 1,
    range: [0.2, 5],
    usual: [0.5, 2],
    spread: { shape: "lognormal", relative: 0.25 },
    source: "100 %: flat-plate and Churchill & Chu correlations, whose usual scatter is 20 to 25 % (Incropera & DeWitt, ch. 7)"
  },
  {
    id: "jetStanton",
    name: "Stanton number of the incoming jet",
    kind: "quantity",
    quantity: "fraction",
    units: ["%", "%"],
    group: "coefficient",
    default: 0.01,
    range: [1e-3, 0.1],
    usual: [3e-3, 0.03],
    spread: { shape: "lognormal", relative: 0.4 },
    source: "turbulent jets in steam, Kim & Mills 1989: order of 0.01"
  },
  {
    id: "sprayContact",
    name: "contact of a jet broken up inside",
    kind: "quantity",
    quantity: "fraction",
    units: ["%", "%"],
    group: "coefficient",
    default: 0.3,
    range: [0, 1],
    usual: [0.05, 0.9],
    spread: { shape: "triangular", below: 0.2, above: 0.45 },
    source: "share of its capacity for heat that spray uses in pure steam, 1 \u2212 exp(\u22126 t/s) for drops of a millimetre: a tenth to a half in the hundredths of a second across a hand\u2019s breadth, finer drops more; assumption"
  },
  {
    id: "splashWeber",
    name: "how slowly a fountain that falls back breaks up",
    kind: "quantity",
    quantity: "count",
    units: ["1", "1"],
    group: "coefficient",
    default: 2e5,
    range: [50, 1e7],
    usual: [1e3, 1e6],
    spread: { shape: "lognormal", relative: 1.2 },
    source: "Weber number at which half of it turns to drops; a stream through a thin edge stays whole for long; assumption"
  },
  {
    id: "ovenTime",
    name: "in the oven in all",
    kind: "quantity",
    quantity: "time",
    units: ["s", "s"],
    group: "heat",
    default: 180,
    range: [5, 1800],
    usual: [60, 300],
    spread: { shape: "normal", absolute: 1 },
    lever: [-30, 30, 60]
  },
  {
    id: "surfaceConductance",
    name: "steam to or from the water inside",
    kind: "quantity",
    quantity: "conductance",
    units: ["W/(m2 K)", "BTU/(h ft2 degF)"],
    group: "coefficient",
    default: 3e3,
    range: [100, 3e4],
    usual: [1e3, 1e4],
    spread: { shape: "lognormal", relative: 0.4 },
    source: "stirred water surface with steam, order of magnitude; assumption"
  },
  {
    id: "knockDown",
    belongsTo: ["vessel"],
    name: "strength against a perfect cylinder",
    kind: "quantity",
    quantity: "fraction",
    units: ["%", "%"],
    group: "coefficient",
    default: knockDown,
    range: [0.1, 1],
    usual: [0.3, 1],
    spread: { shape: "normal", relative: 0.12 },
    source: "NASA SP-8007: 0.75 for external pressure; 0.45 for a dented can is an assumption"
  },
  {
    id: "residualLoad",
    belongsTo: ["vessel"],
    name: "load a buckled wall still carries",
    kind: "quantity",
    quantity: "fraction",
    units: ["%", "%"],
    group: "coefficient",
    default: 0.35,
    range: [0.05, 0.95],
    usual: [0.1, 0.7],
    spread: { shape: "uniform", below: 0.15, above: 0.15 },
    source: ASSUMED
  },
  {
    id: "packingStiffness",
    belongsTo: ["vessel"],
    name: "stiffening of crumpled wall",
    kind: "quantity",
    quantity: "fraction",
    units: ["%", "%"],
    group: "coefficient",
    default: 1.5,
    range: [0.05, 20],
    usual: [0.3, 6],
    spread: { shape: "lognormal", relative: 0.6 },
    source: "a can crushed by nearly a whole atmosphere keeps a quarter to a third of its volume; assumption, to be narrowed by past runs"
  },
  {
    id: "entryLoss",
    name: "entry loss of the mouth",
    kind: "quantity",
    quantity: "fraction",
    units: ["%", "%"],
    group: "coefficient",
    default: 0.5,
    range: [0.02, 2],
    usual: [0.1, 1],
    spread: { shape: "normal", relative: 0.2 },
    source: "sharp-edged entrance, K = 0.5: White, Fluid Mechanics, 4th ed., fig. 6.21"
  },
  {
    id: "mouthPassage",
    name: "length of the mouth",
    kind: "quantity",
    quantity: "length",
    units: ["mm", "in"],
    group: "coefficient",
    default: 4e-3,
    range: [2e-4, 0.1],
    usual: [1e-3, 0.015],
    spread: { shape: "normal", relative: 0.25 },
    source: "rim and lid of a can; measure yours"
  },
  {
    id: "restedCount",
    name: "plunged in this bath before",
    kind: "quantity",
    quantity: "count",
    units: ["", ""],
    group: "cooling",
    default: 0,
    range: [0, 60],
    usual: [0, 12],
    spread: { shape: "exact" }
  },
  {
    id: "vesselWidth",
    name: "width",
    kind: "quantity",
    quantity: "length",
    units: ["mm", "in"],
    group: "vessel",
    default: 0.16,
    range: [0.03, 1],
    usual: [0.08, 0.3],
    spread: { shape: "normal", relative: 5e-3 }
  },
  {
    id: "vesselDepth",
    name: "depth",
    kind: "quantity",
    quantity: "length",
    units: ["mm", "in"],
    group: "vessel",
    default: 0.115,
    range: [0.03, 1],
    usual: [0.05, 0.3],
    spread: { shape: "normal", relative: 5e-3 }
  },
  {
    id: "hoopSpacing",
    name: "between hoops",
    kind: "quantity",
    quantity: "length",
    units: ["cm", "in"],
    group: "vessel",
    default: 0.18,
    range: [0.02, 2],
    usual: [0.08, 0.6],
    spread: { shape: "normal", relative: 0.02 }
  },
  {
    id: "neckDiameter",
    name: "neck",
    kind: "quantity",
    quantity: "length",
    units: ["mm", "in"],
    group: "vessel",
    default: 0.02,
    range: [3e-3, 0.12],
    usual: [0.01, 0.06],
    spread: { shape: "normal", relative: 0.03 }
  },
  {
    id: "neckLength",
    name: "neck length",
    kind: "quantity",
    quantity: "length",
    units: ["mm", "in"],
    group: "vessel",
    default: 0.06,
    range: [2e-3, 0.3],
    usual: [0.01, 0.12],
    spread: { shape: "normal", relative: 0.05 }
  },
  {
    id: "stemLength",
    name: "stem",
    kind: "quantity",
    quantity: "length",
    units: ["cm", "in"],
    group: "vessel",
    default: 0.45,
    range: [0.05, 3],
    usual: [0.2, 1.2],
    spread: { shape: "normal", relative: 5e-3 }
  },
  {
    id: "stemDiameter",
    name: "bore of the stem",
    kind: "quantity",
    quantity: "length",
    units: ["mm", "in"],
    group: "vessel",
    default: 7e-3,
    range: [2e-3, 0.03],
    usual: [4e-3, 0.012],
    spread: { shape: "normal", relative: 0.04 }
  },
  {
    id: "sealDelay",
    measuredBy: ["lifted", "sealed"],
    name: "heat off to sealed",
    kind: "quantity",
    quantity: "time",
    units: ["s", "s"],
    group: "cooling",
    default: 3,
    range: [0.5, 120],
    usual: [1, 20],
    spread: { shape: "lognormal", relative: 0.3 },
    lever: [-2, 5, 10]
  },
  {
    id: "coolDelay",
    name: "closed to cooled",
    kind: "quantity",
    quantity: "time",
    units: ["s", "s"],
    group: "cooling",
    default: 5,
    range: [0, 600],
    usual: [0, 60],
    spread: { shape: "lognormal", relative: 0.3 }
  },
  {
    id: "leakArea",
    name: "leak of the closure",
    kind: "quantity",
    quantity: "area",
    units: ["mm2", "in2"],
    group: "coefficient",
    default: 1e-8,
    range: [0, 4e-4],
    usual: [0, 1e-6],
    spread: { shape: "lognormal", relative: 1 },
    source: `a good cap or bung leaks next to nothing, a worn one a pinhole of 0.1 mm\xB2 and more; ${ASSUMED}`
  },
  {
    id: "coolantFlow",
    name: "flow of the cooling water",
    kind: "quantity",
    quantity: "flow",
    units: ["L/min", "gal/min"],
    group: "cooling",
    default: ({ choices }) => (choices.coolingMethod === "spray" ? 8 : choices.coolingMethod === "sprinkle" ? 3 : 12) * 1e-3 / 60,
    range: [5e-5 / 60, 0.2 / 60],
    usual: [5e-4 / 60, 0.03 / 60],
    spread: { shape: "lognormal", relative: 0.25 },
    lever: [-3e-3 / 60, 6e-3 / 60]
  },
  {
    id: "poolDepth",
    name: "depth it stands in",
    kind: "quantity",
    quantity: "length",
    units: ["cm", "in"],
    group: "cooling",
    default: 0.08,
    range: [5e-3, 1],
    usual: [0.02, 0.25],
    spread: { shape: "normal", relative: 0.1 },
    lever: [-0.04, 0.06]
  },
  {
    id: "mouthClearance",
    name: "mouth above the bottom",
    kind: "quantity",
    quantity: "length",
    units: ["mm", "in"],
    group: "cooling",
    default: 0.04,
    range: [5e-4, 1],
    usual: [2e-3, 0.1],
    spread: { shape: "normal", relative: 0.2 },
    lever: [-0.03, 0.02]
  },
  {
    id: "wettedFactor",
    name: "how well the water spreads over it",
    kind: "quantity",
    quantity: "fraction",
    units: ["%", "%"],
    group: "coefficient",
    default: 1,
    range: [0.1, 1.4],
    usual: [0.4, 1.3],
    spread: { shape: "normal", relative: 0.2 },
    source: "100 %: spray reaches 70 %, poured water 50 %, sprinkled water 35 % of side and top; assumption"
  },
  {
    id: "hoopHolding",
    belongsTo: ["vessel"],
    name: "how well the hoops hold",
    kind: "quantity",
    quantity: "fraction",
    units: ["%", "%"],
    group: "coefficient",
    default: 0.5,
    range: [0, 1],
    usual: [0, 1],
    spread: { shape: "uniform", below: 0.5, above: 0.5 },
    source: "0: none, the whole length buckles; 100 %: each hoop stays round. Rolled hoops lie between (Windenburg & Trilling 1934 treat both ends); assumption"
  },
  {
    id: "edgeHolding",
    belongsTo: ["vessel"],
    name: "how well the edges hold the panels",
    kind: "quantity",
    quantity: "fraction",
    units: ["%", "%"],
    group: "coefficient",
    default: 2,
    range: [1, 8],
    usual: [1, 5],
    spread: { shape: "lognormal", relative: 0.3 },
    source: "100 %: edges free to pull in, the yield-line load; seams and corners make it a multiple (membrane action, Timoshenko & Woinowsky-Krieger, ch. 13); assumption"
  },
  {
    id: "panelCrown",
    belongsTo: ["vessel"],
    name: "how far the panels stand out",
    kind: "quantity",
    quantity: "length",
    units: ["mm", "mil"],
    group: "coefficient",
    default: 6e-4,
    range: [0, 0.01],
    usual: [0, 3e-3],
    spread: { shape: "uniform", below: 4e-4, above: 9e-4 },
    source: ASSUMED
  },
  {
    id: "stemFriction",
    name: "friction factor of the stem",
    kind: "quantity",
    quantity: "fraction",
    units: ["%", "%"],
    group: "coefficient",
    default: 0.03,
    range: [0.01, 0.2],
    usual: [0.02, 0.06],
    spread: { shape: "lognormal", relative: 0.2 },
    source: "Darcy factor of a smooth tube at Re about 5000 to 20000: White, Fluid Mechanics, 4th ed., fig. 6.13 (Moody)"
  },
  {
    id: "shockLimit",
    name: "sudden chill the glass bears",
    kind: "quantity",
    quantity: "temperatureDifference",
    units: ["K", "degF"],
    group: "coefficient",
    default: ({ choices }) => USUAL_CHILL[choices.glassKind] ?? USUAL_CHILL["soda-lime"],
    range: [20, 400],
    usual: [40, 250],
    spread: { shape: "lognormal", relative: CHILL_SPREAD },
    source: "soda-lime bottles are tested at 42 K and usually survive two to three times that; borosilicate flasks about 180 K; from memory"
  },
  {
    id: "slamLimit",
    name: "blow the bottle bears",
    kind: "quantity",
    quantity: "pressure",
    units: ["MPa", "psi"],
    group: "coefficient",
    default: 8e6,
    range: [5e5, 1e8],
    usual: [2e6, 3e7],
    spread: { shape: "lognormal", relative: 0.4 },
    source: "hammer pressure on a sound wall; glass breaks at 30 to 60 MPa of tension, scratched glass at a tenth of it; assumption"
  }
]);
var CHOICES = defineInputs([
  {
    id: "wallMaterial",
    tells: "vessel",
    name: "wall",
    kind: "choice",
    group: "vessel",
    default: "aluminium",
    choices: SOLID_NAMES.filter((s) => s === "aluminium" || s === "steel").map((id) => ({ id, name: id }))
  },
  {
    id: "vesselCondition",
    tells: "vessel",
    name: "condition",
    kind: "choice",
    group: "vessel",
    default: "sound",
    choices: [
      { id: "sound", name: "sound" },
      { id: "dented", name: "dented" }
    ]
  },
  {
    id: "vesselShape",
    name: "shape",
    kind: "choice",
    group: "vessel",
    default: "box",
    choices: [
      { id: "box", name: "rectangular" },
      { id: "cylinder", name: "round" }
    ]
  },
  {
    id: "coolingMethod",
    name: "way of cooling",
    kind: "choice",
    group: "cooling",
    default: "pour",
    lever: true,
    choices: [
      { id: "ice-pool", name: "standing in an ice pool" },
      { id: "spray", name: "spraying" },
      { id: "pour", name: "pouring" },
      { id: "sprinkle", name: "sprinkling" },
      { id: "still-air", name: "waiting in still air" }
    ]
  },
  {
    id: "fillMethod",
    name: "way of filling with steam",
    kind: "choice",
    group: "heat",
    default: "flame",
    lever: true,
    choices: [
      { id: "flame", name: "boiling over a flame or plate" },
      { id: "microwave", name: "boiling in a microwave" },
      { id: "rinse-once", name: "one rinse with boiling water" },
      { id: "rinse-twice", name: "two rinses with boiling water" }
    ]
  },
  {
    id: "glassKind",
    name: "glass",
    kind: "choice",
    group: "vessel",
    default: "soda-lime",
    choices: [
      { id: "soda-lime", name: "bottle glass" },
      { id: "borosilicate", name: "borosilicate glass" }
    ]
  }
]);
function quantity(id, changes = {}) {
  const shared = QUANTITIES.find((i) => i.id === id);
  return { ...shared, ...changes, id };
}
function choice(id, changes = {}) {
  const shared = CHOICES[CHOICES.findIndex((i) => i.id === id)];
  return { ...shared, ...changes, id };
}
var quantities = (...ids) => ids.map((id) => quantity(id));

// core/catalogue/steam/balloon-into-flask/inputs.ts
var FLAT_BEARS = 1e4;
var LEAST_MOUTH = 0.25;
var inputs3 = defineInputs([
  ...ROOM_INPUTS,
  quantity("vesselVolume", { default: 5e-4, range: [1e-4, 5e-3], usual: [25e-5, 1e-3] }),
  quantity("mouthDiameter", { name: "neck across", default: 0.028, range: [0.01, 0.1], usual: [0.02, 0.04] }),
  choice("glassKind", { default: "borosilicate" }),
  FLASK_BOTTOM,
  GLASS_STATE,
  quantity("wallThickness", {
    name: "glass thickness",
    default: 16e-4,
    range: [5e-4, 6e-3],
    usual: [1e-3, 3e-3],
    spread: { shape: "normal", relative: 0.15 }
  }),
  slackBalloon(0.06),
  quantity("waterCharge", {
    name: "water in the flask",
    default: 2e-5,
    range: [3e-6, 1e-3],
    usual: [1e-5, 1e-4],
    lever: [-1e-5, 2e-5]
  }),
  quantity("chargeTemperature", { default: 273.15 + 40 }),
  quantity("heaterPower", { default: 600 }),
  quantity("heatingEfficiency", { default: 0.35 }),
  quantity("purgeTime", { default: 45, usual: [0, 180], lever: [-20, 20, 60] }),
  quantity("sealDelay", {
    name: "off the heat to balloon on",
    default: 8,
    range: [1, 300],
    usual: [3, 30],
    lever: [-3, 5, 15]
  }),
  quantity("coolDelay", { name: "balloon on to cold water", default: 5, usual: [1, 60] }),
  {
    ...choice("coolingMethod"),
    default: "still-air",
    choices: [
      { id: "still-air", name: "leaving it in the room\u2019s air" },
      { id: "pour", name: "pouring water over it" }
    ]
  },
  quantity("bathTemperature", { name: "water poured", default: 303.15, usual: [288.15, 323.15] }),
  quantity("coolantFlow"),
  ...quantities("purgeMixing", "plumeVapourFraction", "heaterLimit", "airLayerFactor", "surfaceConductance"),
  ...quantities("wettedFactor", "bathTransferFactor", "shockLimit"),
  coefficient(
    "crowding",
    "share of the flask that a balloon can fill",
    "%",
    0.92,
    [0.5, 1],
    [0.85, 0.97],
    { shape: "triangular", below: 0.07, above: 0.05 },
    "a round balloon in a round flask leaves room at neck and bottom; assumption"
  ),
  ...RUBBER
]);
var check3 = (values) => {
  const { numbers: n, choices } = values;
  const most = hump(rubberOf(values));
  return [
    ...choices.coolingMethod === "pour" ? bearsTheChill(values, "bathTemperature") : [],
    ...soundGlass(values),
    ...thickEnough(values),
    ...choices.flaskBottom === "flat" && most > FLAT_BEARS ? [
      {
        input: "flaskBottom",
        message: say`given "flat"; refused: this balloon can hold ${asPressure(most, { digits: 3 })} against the
              room, and a flat bottom is not trusted with more than ${asPressure(FLAT_BEARS, {
          digits: 3
        })}; accepted: round, or a larger, thinner balloon`
      }
    ] : [],
    ...n.mouthDiameter < LEAST_MOUTH * n.balloonSlack ? [
      {
        input: "mouthDiameter",
        message: say`given ${asLength(n.mouthDiameter, { digits: 4 })}; accepted: at least
              ${asLength(LEAST_MOUTH * n.balloonSlack, { digits: 4, toward: "above" })}, a quarter of the slack
              balloon, or it sticks in the neck and the flask stands under vacuum`
      }
    ] : [],
    ...belowBoiling(values, "chargeTemperature", "bathTemperature"),
    ...waterFits(values, "flask")
  ];
};

// core/mechanisms/difference-by-cause.ts
function differenceByCause(change) {
  const [before, after] = change.temperatures;
  const rows = { cooling: change.amount * (before - after) / change.volume };
  let amount = change.amount;
  for (const [place, gone] of Object.entries(change.gone)) {
    rows[place] = gone * after / change.volume;
    amount -= gone;
  }
  const squeezed = change.volume - change.inflow;
  rows.inflow = amount * after * (1 / change.volume - 1 / squeezed);
  rows.crush = amount * after * (1 / squeezed - 1 / (squeezed - change.lost));
  return rows;
}

// core/catalogue/steam/ledger.ts
var CAUSES = {
  wall: "steam condensing on the cold wall",
  water: "steam condensing on water inside, less what it gave off",
  fog: "steam turning to fog",
  cooling: "the gas getting colder",
  leak: "air that leaked in (gives back)",
  inflow: "room taken by water that came in (gives back)",
  crush: "room lost by caving in (gives back)"
};
var steamLedger = (moment, causes = {}) => (simulation) => ledgerOf(simulation, moment, { ...CAUSES, ...causes });
function ledgerOf({ trace, details }, words, causes) {
  if (!trace) throw new RangeError("trace: the ledger needs a simulation with a trace");
  const sealing = details.sealing;
  const moment = details.goneAt ?? details.timeOfPeak;
  const first = indexAt(trace.time, sealing);
  const now = Math.max(first, indexAt(trace.time, moment));
  const c = trace.columns;
  const steam = c.steamMass[first];
  const amount = steam * WATER_GAS_CONSTANT + c.airMass[first] * AIR_GAS_CONSTANT;
  const temperatures = [c.gasTemperature[first], c.gasTemperature[now]];
  const volume = amount * temperatures[0] / c.pressure[first];
  const lost = c.volumeLost[now] * details.capacity;
  const remaining = c.steamMass[now] * WATER_GAS_CONSTANT + c.airMass[now] * AIR_GAS_CONSTANT;
  const volumeNow = remaining * temperatures[1] / c.pressure[now];
  const gone = {
    wall: c.condensedOnWall[now] * WATER_GAS_CONSTANT,
    water: c.condensedOnWater[now] * WATER_GAS_CONSTANT,
    fog: c.condensedAsFog[now] * WATER_GAS_CONSTANT,
    leak: (c.airMass[first] - c.airMass[now]) * AIR_GAS_CONSTANT
  };
  const total = (steam - c.steamMass[now]) * WATER_GAS_CONSTANT;
  gone.water += total - gone.wall - gone.water - gone.fog;
  const rows = differenceByCause({ temperatures, volume, amount, inflow: volume - volumeNow - lost, lost, gone });
  const order = ["wall", "water", "fog", "cooling", ...rows.leak !== 0 ? ["leak"] : [], "inflow", "crush"];
  return {
    moment: details.goneAt === void 0 ? "at its greatest" : words,
    rows: order.map((id) => ({ id, cause: causes[id], pressure: rows[id] })),
    difference: c.pressure[first] - c.pressure[now]
  };
}

// core/catalogue/steam/results.ts
var RESULTS = [
  { id: "boilingTemperature", name: "water boils here at", quantity: "temperature", units: ["degC", "degF"] },
  { id: "timeToBoil", name: "boils after", quantity: "time", units: ["s", "s"] },
  {
    id: "timeToPlume",
    name: "steady plume after",
    quantity: "time",
    units: ["s", "s"],
    measuredBy: ["heat-on", "plume"]
  },
  { id: "timeToDry", name: "dry after", quantity: "time", units: ["s", "s"] },
  { id: "waterLeft", name: "water left at the seal", quantity: "mass", units: ["g", "oz"] },
  { id: "residualAirFraction", name: "air in the gas at the seal", quantity: "fraction", units: ["%", "%"] },
  { id: "steamMass", name: "steam at the seal", quantity: "mass", units: ["g", "oz"] },
  { id: "criticalPressureDifference", name: "difference the wall holds", quantity: "pressure", units: ["kPa", "psi"] },
  { id: "peakPressureDifference", name: "greatest difference", quantity: "pressure", units: ["kPa", "psi"] },
  { id: "floorPressure", name: "lowest pressure it could reach", quantity: "pressure", units: ["kPa", "psi"] },
  { id: "outsideForce", name: "outside air on the whole surface", quantity: "force", units: ["kN", "lbf"] },
  { id: "peakNetForce", name: "greatest difference on the whole surface", quantity: "force", units: ["kN", "lbf"] },
  { id: "hush", name: "hush", quantity: "time", units: ["s", "s"], measuredBy: HUSH },
  { id: "giveUpTime", name: "nothing more will come after", quantity: "time", units: ["s", "s"] },
  { id: "talkTime", name: "panels talk after", quantity: "time", units: ["s", "s"] },
  { id: "waterDrawnIn", name: "water drawn in", quantity: "volume", units: ["mL", "floz"] },
  { id: "fillFraction", name: "share of the vessel that fills", quantity: "fraction", units: ["%", "%"] },
  { id: "timeToFill", name: "full, or nearly as full as it gets, after", quantity: "time", units: ["s", "s"] },
  { id: "peakInflowSpeed", name: "fastest water in the mouth", quantity: "speed", units: ["m/s", "ft/s"] },
  { id: "peakWallForce", name: "greatest jolt on the vessel", quantity: "force", units: ["N", "lbf"] },
  { id: "peakPull", name: "greatest pull on the vessel, down into the bowl", quantity: "force", units: ["N", "lbf"] },
  { id: "blowEnergy", name: "energy of a blow on the bowl", quantity: "energy", units: ["J", "ft lbf"] },
  { id: "inflowImpulse", name: "push the hand must take up", quantity: "impulse", units: ["N s", "lbf s"] },
  { id: "slamPressure", name: "hammer pressure if it fills to the top", quantity: "pressure", units: ["MPa", "psi"] },
  { id: "glassChill", name: "sudden chill of the glass", quantity: "temperatureDifference", units: ["K", "degF"] },
  { id: "volumeLost", name: "volume lost", quantity: "fraction", units: ["%", "%"] },
  { id: "bathTemperatureAfter", name: "bath afterwards", quantity: "temperature", units: ["degC", "degF"] },
  { id: "reliefArea", name: "vent it needs", quantity: "area", units: ["cm2", "in2"] },
  { id: "peakGaugePressure", name: "greatest overpressure", quantity: "pressure", units: ["kPa", "psi"] },
  { id: "timeToPop", name: "pops back after", quantity: "time", units: ["s", "s"], measuredBy: HUSH }
];
var steamResults = (...ids) => ids.map((id) => RESULTS[RESULTS.findIndex((r) => r.id === id)]);

// core/catalogue/steam/balloon-into-flask/outcomes.ts
var logged3 = {
  used: ["waterCharge", "purgeTime", "sealDelay", "balloonSlack"],
  seen: ["hush", "timeToRound", "balloonAcross", "timeToPlume"]
};
var results3 = [
  ...steamResults(
    "boilingTemperature",
    "timeToBoil",
    "timeToPlume",
    "timeToDry",
    "waterLeft",
    "residualAirFraction",
    "steamMass"
  ),
  ...steamResults("peakPressureDifference", "floorPressure", "outsideForce", "peakNetForce", "hush"),
  result("criticalPressureDifference", "difference that stretches it at first", "kPa"),
  result("timeToRound", "round inside after", "s"),
  result("balloonInside", "air in the balloon, inside the flask", "mL"),
  result("balloonShare", "share of the flask that it takes", "%"),
  result("balloonAcross", "balloon across, inside", "cm"),
  result("skinPressure", "its skin holds in the end", "kPa"),
  ...steamResults("glassChill", "giveUpTime")
];
var outcomes3 = [
  {
    id: "in",
    look: "gone",
    name: "goes in and swells",
    sentence: "The balloon is pushed through the neck, inside out, and swells inside the flask."
  },
  { id: "limp", look: "partly", name: "hangs in limp", sentence: "It is pushed in and hangs there, not blown up." },
  { id: "stays", look: "nothing", name: "stays out", sentence: "The balloon dips a little and stays where it is." },
  { id: "bursts", look: "harm", name: "bursts", sentence: "It bursts inside, and air rushes in." }
];
var ledger3 = steamLedger("when the balloon shows inside", {
  wall: "steam condensing on the glass",
  crush: "room taken by the balloon (gives back)"
});
var sizes3 = (values, s) => sizesOf(s, crossSection(flaskOf(values).diameter), false);

// core/catalogue/steam/balloon-into-flask/procedure.ts
var shelf3 = [
  { step: "charge", kind: "vessel", shapes: ["flask"], materials: ["glass"], capacity: [1e-4, 5e-3] },
  { step: "heat", kind: "heater", heaters: FLAME_OR_PLATE }
];
var procedure3 = [
  {
    id: "charge",
    hazards: ["glass-under-difference"],
    parts: [
      "Put ",
      { input: "waterCharge" },
      " of water at ",
      { input: "chargeTemperature" },
      " into a ",
      { input: "vesselVolume" },
      " flask, ",
      { input: "flaskBottom" },
      ", of ",
      { input: "glassKind" },
      ", ",
      { input: "glassState" },
      ", ",
      { input: "wallThickness" },
      " thick, its neck ",
      { input: "mouthDiameter" },
      " across. Have a balloon ready, ",
      { input: "balloonSlack" },
      " across before it stretches, blown up once and let out."
    ]
  },
  {
    id: "heat",
    hazards: ["heat", "flame", "scald"],
    marks: ["heat-on", "plume"],
    parts: [
      "Leave it open. Heat it at ",
      { input: "heaterPower" },
      " (",
      { input: "heatingEfficiency" },
      " gets in) until steam comes steadily from the neck."
    ],
    duration: (s) => s.results.timeToPlume
  },
  {
    id: "purge",
    hazards: ["heat"],
    parts: ["Let it boil on for ", { input: "purgeTime" }, "."],
    duration: (s) => s.results.timeToPlume === void 0 ? void 0 : s.details.timeOfLifting - s.results.timeToPlume
  },
  {
    id: "off",
    hazards: ["heat", "scald"],
    marks: ["lifted"],
    parts: ["Heat off, and the flask off the heat, with a clamp or gloves, onto a cork mat."]
  },
  {
    id: "cover",
    hazards: ["closed-hot-vessel", "scald"],
    marks: ["sealed"],
    parts: [
      "Only when it no longer boils, and within ",
      { input: "sealDelay" },
      " of the heat, stretch the balloon over the neck, empty and hanging down outside. Hands off."
    ],
    duration: (s) => s.details.sealing - s.details.timeOfLifting
  },
  {
    id: "cool",
    hazards: ["chilled-glass"],
    marks: ["gone"],
    parts: ({ choices }) => choices.coolingMethod === "pour" ? [
      "After ",
      { input: "coolDelay" },
      " cool it by ",
      { input: "coolingMethod" },
      ", ",
      { input: "coolantFlow" },
      " at ",
      { input: "bathTemperature" },
      ", from an arm\u2019s length, the screen between. Hush."
    ] : ["Cool it by ", { input: "coolingMethod" }, ", nobody\u2019s hand near it. Hush."],
    duration: (s) => s.results.timeToRound ?? s.results.giveUpTime
  }
];
var kit3 = ({ choices }) => [
  "flask of heat-proof glass, sound",
  "balloons, blown up once and let out",
  "heater",
  "clamp or heat-proof gloves",
  "cork mat",
  "screen",
  "goggles for all",
  ...choices.coolingMethod === "pour" ? ["jug and tray"] : [],
  "clock"
];
var ready = (values, s) => readyFromPlan(heatingPlan(values, flaskOf(values)), s);

// core/catalogue/steam/balloon-into-flask/teaching.ts
var teaching3 = {
  wrongIdea: {
    idea: "The empty flask sucks the balloon in.",
    answer: "Nothing in the flask can pull. The air of the room pushes in whatever the steam no longer holds out."
  },
  before: ["Where will the balloon go, and why?", "What fills a balloon when nobody blows?"],
  after: ["Whose air is in the balloon?", "How could you get it out again without touching it?"],
  elsewhere: [
    "Lids that dip on jars of jam as they cool.",
    "Lungs: the chest makes room, and the room\u2019s air comes in.",
    "The hollow in the lid of a lunch box from the microwave."
  ]
};
var why3 = (values, { results: r, outcome }) => {
  const lines = [
    say`When the balloon goes on, ${asShare(r.residualAirFraction)} of the gas is air and the rest steam. Steam that
      turns to water leaves room; the room’s air fills it at once, through the balloon.`
  ];
  if (r.timeToRound !== void 0)
    lines.push(
      say`It is round after ${asTime(r.timeToRound)} and ends ${asLength(r.balloonAcross)} across, with
        ${asVolume(r.balloonInside)} of the room’s air in it; its skin holds ${asPressure(r.skinPressure)} of the
        room’s pressure back.`
    );
  else if (outcome === "limp")
    lines.push(
      say`There is room for ${asVolume(r.balloonInside)} only: it hangs in without being stretched. Air that was left
        in the flask does not condense.`
    );
  else if (outcome === "stays")
    lines.push("It was nearly all air: that shrinks a little as it cools, and no more. Let it boil longer.");
  if (values.choices.coolingMethod === "still-air")
    lines.push("The room\u2019s air cools the glass, and that sets the pace; water over the glass would be quicker.");
  return lines;
};
var explanation3 = (_values, { results: r }) => [
  {
    from: 7,
    text: "The flask was full of steam. It cooled and turned to a few drops, and the flask was nearly empty. The air of the room wants in, but the balloon is in the way: so the air pushes it inside."
  },
  {
    from: 11,
    text: say`Steam takes over a thousand times as much room as its water. When it condenses, hardly anything is left
      to push back, and the room’s air pushes the balloon in: ${asVolume(r.balloonInside)} of it.`
  },
  {
    from: 14,
    text: say`The pressure inside hardly falls, because the balloon gives way: never more than
      ${asPressure(r.peakPressureDifference)} below the room. What falls is the amount of gas. A stiff flask with a
      stopper would hold out and come close to ${asPressure(r.floorPressure)}.`
  },
  {
    from: 16,
    text: say`In balance p(inside) = p(room) − p(skin). The skin’s pressure rises to a hump of
      ${asPressure(r.criticalPressureDifference)} and falls again, so that past the hump the balloon jumps to its
      full size; the air left behind, ${asShare(r.residualAirFraction)} of the gas, keeps the rest of the flask.`
  }
];

// core/catalogue/steam/balloon-into-flask/index.ts
var balloonIntoFlask = defineDemonstration({
  id: "balloon-into-flask",
  name: "Balloon into a flask",
  summary: "A balloon over the neck of a boiled-out flask is pushed in, inside out, and swells there.",
  noun: ["flask", "flasks"],
  people: { performs: 18, watches: 8 },
  gates: gates3,
  cautions: cautions3,
  afterFailure: afterFailure3,
  gallery: {
    family: "steam",
    effect: "The balloon dips, slips through the neck inside out, and blows itself up in the flask.",
    topics: ["condensation", "air pressure", "change of state", "particle model"],
    ages: [8, 16]
  },
  hushWords: { inside: "air in the flask", strength: "the skin gives way here" },
  results: results3,
  suspects: STEAM_SUSPECTS,
  wanted: "in",
  columns: COLUMNS3,
  simulate: simulate3,
  inputs: inputs3,
  check: check3,
  logged: logged3,
  outcomes: outcomes3,
  ledger: ledger3,
  sizes: sizes3,
  shelf: shelf3,
  procedure: procedure3,
  kit: kit3,
  ready,
  drawing: drawing3,
  teaching: teaching3,
  why: why3,
  explanation: explanation3
});

// core/catalogue/motion/balloon-line/cautions.ts
var gates4 = [
  { step: "line", text: "Line over head height and marked with paper.", guards: [] },
  {
    step: "blow",
    text: "A clean mouthpiece for each; nobody\u2019s face at the balloon or at the line\u2019s end.",
    guards: ["burst", "projectile"]
  }
];
var cautions4 = (_values, _s, risk) => applying(
  {
    id: "line",
    step: "line",
    severity: "usual",
    covers: ["projectile"],
    hazard: "A tight line at neck height; a straw\u2019s end at eye height.",
    control: "Above head height, marked with paper; away when done."
  },
  balloons("blow", 5),
  bursts("The balloon", risk.share("bursts"), "blow")
);
var afterFailure4 = (_values, _s, _risk, outcome) => [
  standBack("Hands and faces away from line and balloon."),
  pressureOff("Let the rest of its air out."),
  near(outcome === "bursts" ? "Pick up every piece of rubber." : "Does the straw run freely when pushed by hand?"),
  next(
    outcome === "bursts" ? "Less air; a fresh balloon." : (outcome === "short" ? "It ran out of air: a shorter line, a smoother one" : "A short piece of wide straw in the neck keeps it open") + "; more air, but well under where it bursts; tape it closer to the line."
  )
];

// core/mechanisms/flight.ts
var TOLERANCE = 1e-3;
var LONGEST = 120;
var SIZE = 4;
var dragOf = ({ density, drag, area, mass }) => density * drag * area / (2 * mass);
function fly(flyer, state3, tolerance, onStep) {
  const k = dragOf(flyer);
  const speed = Math.sqrt(state3[0] * state3[0] + state3[1] * state3[1]);
  const ended = integratorOf(SIZE).run(
    {
      size: SIZE,
      totals: 2,
      scale: Float64Array.of(0.5, 0.5, 0.1, 0.1),
      derivatives(_t, s, slope) {
        const [u, v] = [s[0], s[1]];
        const fast = Math.sqrt(u * u + v * v);
        slope[0] = -k * fast * u;
        slope[1] = -k * fast * v - GRAVITY;
        slope[2] = u;
        slope[3] = v;
      }
    },
    state3,
    0,
    LONGEST,
    {
      tolerance,
      firstStep: Math.min(0.05, 0.1 / (k * speed + 0.5)),
      between: onStep ? 1 : 0,
      onStep,
      peaks: [{ id: "height", value: (_, s) => s[3] }],
      events: [{ id: "ground", direction: -1, stops: true, value: (_, s) => s[3] }]
    }
  );
  return { time: ended.time, highest: ended.peaks.height.value };
}
function reach(flyer, speed, rise, height) {
  if (!(speed > 0) || height <= 0 && rise <= 0) return 0;
  const state3 = Float64Array.of(speed * Math.sqrt(1 - rise * rise), speed * rise, 0, height);
  fly(flyer, state3, TOLERANCE);
  return state3[2];
}
var DIRECTIONS = [0, 0.2, 0.4, 0.6, 0.75];
function longestReach(flyer, speed, height) {
  const reaches = DIRECTIONS.map((rise) => reach(flyer, speed, rise, height));
  const best = reaches.indexOf(Math.max(...reaches));
  if (best === 0 || best === DIRECTIONS.length - 1) return reaches[best];
  const [a, b, c] = [best - 1, best, best + 1].map((i) => DIRECTIONS[i]);
  const [ya, yb, yc] = [best - 1, best, best + 1].map((i) => reaches[i]);
  const left = (yb - ya) / (b - a);
  const right = (yc - yb) / (c - b);
  const bend = (right - left) / (c - a);
  if (!(bend < 0)) return yb;
  const at4 = (a + b) / 2 - left / (2 * bend);
  return Math.max(yb, ya + left * (at4 - a) + bend * (at4 - a) * (at4 - b));
}
function straightUp(flyer, speed, tolerance, onStep) {
  if (!(speed > 0)) return { rise: 0, time: 0 };
  const { time, highest } = fly(
    flyer,
    Float64Array.of(0, speed, 0, 0),
    tolerance,
    onStep && ((t, s) => onStep(t, Math.max(0, s[3])))
  );
  return { rise: highest, time };
}
var ballArea = (diameter) => Math.PI * diameter * diameter / 4;
var BALL_DRAG = 0.47;

// core/mechanisms/on-a-line.ts
var LINE = { place: 0, speed: 1, impulse: 2, inner: 3 };
function runAlong(run, tolerance, record) {
  const { inner, thrust, slope: back, friction, inertia, drag, length: length2, longest } = run;
  const size = LINE.inner + inner.start.length;
  const state3 = Float64Array.of(0, 0, 0, ...inner.start);
  let moving = thrust(state3) - back > friction(state3);
  const spare = (s) => thrust(s) - back - friction(s);
  const system = {
    size,
    scale: Float64Array.of(0.01 * length2, 0.05, 1e-3, ...inner.scale),
    dependsOnTime: inner.dependsOnTime ?? false,
    derivatives(time2, s, slope) {
      inner.rates(time2, s, slope);
      const push = thrust(s);
      slope[LINE.impulse] = push;
      if (!moving) {
        slope[LINE.place] = slope[LINE.speed] = 0;
        return;
      }
      const speed = s[LINE.speed];
      slope[LINE.place] = speed;
      slope[LINE.speed] = (spare(s) - drag(s) * speed * Math.abs(speed)) / inertia(s);
    }
  };
  const end = { id: "end", direction: 1, stops: true, value: (_, s) => s[LINE.place] - length2 };
  const stops = { id: "stops", direction: -1, stops: true, value: (_, s) => s[LINE.speed] };
  const starts = { id: "starts", direction: 1, stops: true, value: (_, s) => spare(s) };
  const spent = { id: "spent", direction: 1, stops: true, value: (t, s) => run.spent(s, t) ? 1 : -1 };
  const occurrences = [];
  const thrustAtFirst = thrust(state3);
  const peaks = {};
  let fastest = 0;
  let time = 0;
  let stopped;
  while (time < longest) {
    if (!moving && run.spent(state3, time)) break;
    const until = Math.min(longest, run.turns?.find((t) => t > time) ?? longest);
    const stage = integratorOf(size).run(system, state3, time, until, {
      tolerance,
      firstStep: 2e-3,
      explicitSteps: 20,
      events: [...run.events ?? [], ...moving ? [end, stops] : [starts, spent]],
      peaks: [{ id: "speed", value: (_, s) => s[LINE.speed] }, ...run.peaks ?? []],
      between: record ? 1 : 0,
      onStep: record
    });
    time = stage.time;
    fastest = Math.max(fastest, stage.peaks.speed.value);
    for (const { id } of run.peaks ?? []) peaks[id] = Math.max(peaks[id] ?? -Infinity, stage.peaks[id].value);
    occurrences.push(...stage.occurrences);
    stopped = stage.stoppedBy;
    if (stopped === "end" || stopped === "spent") break;
    if (stopped === "stops") {
      moving = false;
      state3[LINE.speed] = 0;
    } else if (stopped === "starts") moving = true;
  }
  return { time, state: state3, arrived: stopped === "end", fastest, thrustAtFirst, occurrences, peaks };
}

// core/catalogue/motion/balloon-line/simulate.ts
var COLUMNS4 = [
  ...GAS_COLUMNS,
  { id: "place", name: "along the line", quantity: "length" },
  { id: "speed", name: "speed", quantity: "speed" },
  { id: "balloonAcross", name: "balloon across", quantity: "length" },
  { id: "left", name: "air left of the blown-in", quantity: "fraction" }
];
var LONG_STRETCH = 3;
var LONG_PRESSURE = 0.75;
var EMPTY = 0.01;
var LONGEST2 = 120;
function simulate4(values, detail, refinement = 1) {
  const n = values.numbers;
  const outside = n.stationPressure;
  const temperature = n.airTemperature;
  const density = outside / (AIR_GAS_CONSTANT * temperature);
  const rubber = rubberOf(values);
  const long = values.choices.balloonShape === "long";
  const rows = detail === "trace" ? new TraceRows(COLUMNS4) : void 0;
  const full = Math.PI / 6 * n.blownTo * n.blownTo * n.blownTo;
  const longWidth = LONG_STRETCH * 2 * rubber.radius * 0.5;
  const slack = balloonVolume(rubber, 1);
  const longOver = LONG_PRESSURE * hump(rubber) * 1.3;
  const over2 = (volume) => long ? longOver * Math.min(1, Math.max(0, volume / slack - 0.2) / 0.1) : skinPressure(rubber, pow(volume / slack, 1 / 3));
  const across = (volume) => long ? longWidth : 2 * rubber.radius * pow(volume / slack, 1 / 3);
  const nozzle = ballArea(n.nozzleDiameter);
  const fixed = n.rubberMass + n.strawMass;
  const pressure0 = over2(full);
  const burst = !long && n.blownTo / (2 * rubber.radius) >= rubber.burst;
  const line = n.lineLength;
  const effective = n.nozzleFlow * nozzle;
  const volumeOf = (s) => Math.max(0, s[LINE.inner]);
  const gaugeOf = (s) => Math.max(0, over2(volumeOf(s)));
  const add = (time2, s) => rows?.add(time2, {
    pressure: outside + over2(volumeOf(s)),
    gasTemperature: temperature,
    airMass: (outside + over2(volumeOf(s))) * volumeOf(s) / (AIR_GAS_CONSTANT * temperature),
    steamMass: 0,
    place: s[LINE.place],
    speed: s[LINE.speed],
    balloonAcross: across(volumeOf(s)),
    left: volumeOf(s) / full
  });
  const ended = burst ? void 0 : runAlong(
    {
      inner: {
        start: [full],
        scale: [0.01 * full],
        rates: (_, s, slope) => {
          slope[LINE.inner] = -effective * Math.sqrt(2 * gaugeOf(s) / density);
        }
      },
      thrust: (s) => 2 * effective * gaugeOf(s),
      slope: fixed * GRAVITY * n.lineSlope,
      // Weight on the line.
      friction: (s) => n.lineFriction * (fixed + density * volumeOf(s) * 0.02) * GRAVITY,
      inertia: (s) => fixed + density * volumeOf(s) * (1 + (long ? 0.1 : 0.5)),
      drag: (s) => 0.5 * density * (long ? n.dragLong : n.dragRound) * ballArea(across(volumeOf(s))),
      length: line,
      longest: LONGEST2,
      spent: (s) => gaugeOf(s) <= EMPTY * pressure0,
      events: [
        { id: "empty", direction: -1, stops: false, value: (_, s) => over2(volumeOf(s)) - EMPTY * pressure0 }
      ]
    },
    stepTolerance(detail, refinement),
    rows && add
  );
  const place = ended?.state[LINE.place] ?? 0;
  const time = ended?.time ?? 0;
  const fastest = ended?.fastest ?? 0;
  const thrust0 = ended?.thrustAtFirst ?? 0;
  const speed = ended?.state[LINE.speed] ?? 0;
  const emptyAt = ended?.occurrences.find((o) => o.id === "empty")?.time;
  const reached = ended?.arrived ?? false;
  return {
    results: {
      runLength: Math.min(place, line),
      topSpeed: fastest,
      runTime: time,
      thrust: thrust0,
      airTime: emptyAt ?? time,
      peakPressureDifference: pressure0,
      airVolume: full,
      ...reached && { hush: time, arrivalSpeed: speed }
    },
    events: burst ? [{ id: "burst", name: "bursts", time: 0 }] : [
      ...emptyAt === void 0 ? [] : [{ id: "empty", name: "empty", time: emptyAt }],
      ...reached ? [{ id: "end", name: "at the end", time }] : []
    ],
    outcome: burst ? "bursts" : reached ? "arrives" : place > 0.5 ? "short" : "stands",
    details: {
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      difference: pressure0,
      longWidth,
      ...reached && { goneAt: time }
    },
    trace: rows && (() => {
      if (burst)
        for (let i = 1; i <= 3; i++)
          rows.add(i * 0.2, {
            pressure: outside,
            gasTemperature: temperature,
            airMass: 0,
            steamMass: 0,
            place: 0,
            speed: 0,
            balloonAcross: 0.02,
            left: 0
          });
      rows.stage("hush", "run", burst ? 0.6 : time);
      return rows.finish();
    })()
  };
}

// core/catalogue/motion/balloon-line/inputs.ts
var inputs4 = defineInputs([
  ...ROOM_INPUTS,
  {
    id: "balloonShape",
    name: "balloon",
    kind: "choice",
    group: "load",
    default: "round",
    lever: true,
    source: "Round ones are at hand; long ones keep their pressure and their small front, and run faster.",
    choices: [
      { id: "round", name: "round balloon" },
      { id: "long", name: "long balloon" }
    ]
  },
  slackBalloon(0.06),
  blank(
    "blownTo",
    "blown to (a long one: as a ball of the same air)",
    "cm",
    "load",
    0.24,
    [0.05, 0.6],
    [0.12, 0.35],
    0.04,
    { lever: [-0.05, 0.04] }
  ),
  blank("nozzleDiameter", "nozzle", "mm", "load", 9e-3, [1e-3, 0.04], [4e-3, 0.02], 0.05, {
    lever: [-3e-3, 4e-3]
  }),
  blank("rubberMass", "empty balloon", "g", "load", 24e-4, [3e-4, 0.05], [1e-3, 8e-3], 0.03),
  blank("strawMass", "straw and tape", "g", "load", 12e-4, [1e-4, 0.1], [5e-4, 5e-3], 0.05),
  blank("lineLength", "line", "m", "vessel", 8, [0.5, 100], [3, 20], 0.01, { lever: [-3, 4] }),
  blank("lineSlope", "climbs, for its length", "%", "vessel", 0, [-0.5, 1], [0, 0.3], {
    shape: "normal",
    absolute: 0.01
  }),
  coefficient(
    "lineFriction",
    "friction of straw on line",
    "%",
    0.25,
    [0.01, 2],
    [0.1, 0.6],
    0.25,
    "plastic on nylon line 0.15 to 0.3, on cotton more; CRC Handbook, from memory"
  ),
  coefficient(
    "nozzleFlow",
    "share of the nozzle that the jet fills",
    "%",
    0.75,
    [0.2, 1],
    [0.5, 0.98],
    { shape: "uniform", below: 0.13, above: 0.13 },
    "a soft neck flutters; a short tube in it 0.8 (White, sect. 6.10)"
  ),
  coefficient(
    "dragRound",
    "drag coefficient of a round balloon",
    "1",
    0.5,
    [0.1, 1.5],
    [0.3, 0.8],
    0.15,
    "sphere below the drag crisis, White, fig. 7.16"
  ),
  coefficient(
    "dragLong",
    "drag coefficient of a long balloon",
    "1",
    0.35,
    [0.05, 1.5],
    [0.2, 0.8],
    0.25,
    "rounded rod along the flow, White, table 7.3"
  ),
  ...RUBBER
]);
var check4 = ({ numbers: n }) => n.nozzleDiameter > 0.6 * n.balloonSlack ? [
  {
    input: "nozzleDiameter",
    message: say`given ${asLength(n.nozzleDiameter, { digits: 4 })}; accepted: at most
            ${asLength(0.6 * n.balloonSlack, { digits: 4, toward: "below" })}, six tenths of the slack balloon`
  }
] : [];

// core/catalogue/motion/balloon-line/outcomes.ts
var logged4 = { used: ["blownTo", "nozzleDiameter", "balloonShape"], seen: ["runLength", "runTime"] };
var results4 = [
  result("runLength", "runs", "m"),
  result("runTime", "in", "s"),
  result("topSpeed", "fastest", "m/s"),
  result("arrivalSpeed", "arrives with", "m/s"),
  result("thrust", "thrust at the start", "N"),
  result("airTime", "air lasts", "s"),
  result("airVolume", "air blown in", "L"),
  result("peakPressureDifference", "greatest pressure difference", "kPa"),
  result("hush", "to the end of the line", "s", HUSH)
];
var outcomes4 = [
  { id: "arrives", look: "gone", name: "runs to the end", sentence: "The balloon runs to the end of the line." },
  { id: "short", look: "partly", name: "stops on the way", sentence: "The balloon stops on the way." },
  { id: "stands", look: "nothing", name: "hardly moves", sentence: "The balloon hisses and hardly moves." },
  { id: "bursts", look: "harm", name: "bursts", sentence: "The balloon bursts before it is let go." }
];
var ledger4 = ({ details: d }) => ({
  moment: "blown up: a negative difference is more inside than outside",
  difference: -d.difference,
  rows: [{ id: "skin", cause: "the stretched skin", pressure: -d.difference }]
});
var sizes4 = (_values, s) => [
  {
    id: "thrust",
    name: "thrust",
    value: s.results.thrust,
    quantity: "force",
    units: ["N", "lbf"],
    note: "at the start"
  }
];

// core/catalogue/motion/balloon-line/procedure.ts
var shelf4 = [];
var procedure4 = [
  {
    id: "line",
    parts: [
      "Stretch a smooth line of ",
      { input: "lineLength" },
      " (climbing ",
      { input: "lineSlope" },
      ") with a straw on it."
    ]
  },
  {
    id: "blow",
    hazards: ["burst"],
    parts: [
      "Blow up a ",
      { input: "balloonShape" },
      " (",
      { input: "balloonSlack" },
      " across before it stretches, ",
      { input: "rubberMass" },
      ") to ",
      { input: "blownTo" },
      ", nozzle ",
      { input: "nozzleDiameter" },
      "; tape it under the straw (",
      { input: "strawMass" },
      ")."
    ]
  },
  {
    id: "go",
    hazards: ["projectile"],
    marks: ["sealed"],
    parts: ["Count down and let go."],
    duration: (s) => s.results.runTime
  }
];
var kit4 = () => [
  "balloons, round and long",
  "smooth fishing line",
  "straws",
  "tape",
  "clip",
  "tape measure",
  "stopwatch"
];

// core/catalogue/motion/balloon-line/drawing.ts
var drawing4 = (values, s, time) => {
  const n = values.numbers;
  const [place, speed, across, left, pressure] = ["place", "speed", "balloonAcross", "left", "pressure"].map(
    (c) => valueAt(s.trace, c, time)
  );
  const l = n.lineLength;
  const larger = Math.max(1, l * 0.13 / n.blownTo);
  const long = values.choices.balloonShape === "long";
  const size = (long ? s.details.longWidth : Math.max(0.02, across)) * larger;
  const stretch = long ? Math.max(0.15, left) * 5 : 1;
  const x = -l / 2 + place;
  const y = 0.16 * l;
  const shapes = [
    {
      kind: "body",
      points: [
        [-l / 2, y],
        [l / 2, y + n.lineSlope * l]
      ],
      stuff: "ink",
      open: true,
      thick: 1.5
    },
    ...[-1, 1].map((side) => ({
      kind: "body",
      points: [
        [side * l / 2, 0],
        [side * l / 2, y * 1.15 + (side > 0 ? n.lineSlope * l : 0)]
      ],
      stuff: "metal",
      open: true,
      thick: 4
    })),
    {
      kind: "round",
      at: [x, y + n.lineSlope * place - size * 0.6],
      across: Math.max(size * stretch, 0.012 * l),
      high: size,
      stuff: "rubber",
      opacity: 0.85
    },
    ...pressure > s.details.stationPressure + 20 ? [0, 1].map((i) => ({
      kind: "push",
      stuff: "inside-air",
      from: [x - size * stretch * 0.55, y - size * (0.5 + 0.2 * i) + n.lineSlope * place],
      to: [x - size * stretch * 0.55 - 0.07 * l, y - size * (0.5 + 0.2 * i) + n.lineSlope * place]
    })) : [],
    {
      kind: "note",
      at: [0, y * 1.7],
      anchor: "middle",
      stuff: "ink",
      said: [
        said(speed, "speed", "m/s", "ft/s"),
        "   in the balloon ",
        kPa(pressure),
        "   outside ",
        kPa(s.details.stationPressure)
      ]
    }
  ];
  return {
    frame: { left: -0.68 * l, right: 0.56 * l, bottom: 0, top: y * 2 + Math.max(0, n.lineSlope) * l },
    shapes,
    caption: [
      larger > 1.05 ? "Balloon drawn larger than to scale. " : "",
      said(place, "length", "m", "ft"),
      " along the line."
    ]
  };
};

// core/catalogue/motion/balloon-line/teaching.ts
var why4 = (_values, s) => [
  say`The skin presses the air out at ${asPressure(s.results.peakPressureDifference)} over the room; the jet
    pushes back with ${asForce(s.results.thrust)} for ${asTime(s.results.airTime)}. It runs
    ${asLength(s.results.runLength)}, at most ${asSpeed(s.results.topSpeed)}: drag of the air round the balloon
    holds it there.`,
  ...s.outcome === "short" ? ["A wider nozzle pushes harder but not as long; a long balloon has less drag; nylon line has less friction."] : []
];
var explanation4 = (values, s) => [
  { from: 5, text: "The air rushes out backwards and pushes the balloon forwards." },
  {
    from: 11,
    text: say`Action and reaction: the balloon pushes the air out one way, the air pushes the balloon the other
      way, with ${asForce(s.results.thrust)}. It does not need a wall to push against.`
  },
  {
    from: 14,
    text: say`Thrust is mass flow times speed of the jet. ${asLength(values.numbers.blownTo)} across at the start,
      it soon runs as fast as drag allows: ${asSpeed(s.results.topSpeed)}.`
  },
  {
    from: 16,
    text: "F = 2 C A \u0394p for a jet into still air: independent of the density. \u0394p falls, then rises as the balloon shrinks back through the hump of its pressure: that is why it spurts at the end. A long balloon keeps its pressure, and its front."
  }
];
var teaching4 = {
  wrongIdea: {
    idea: "The air pushes against the room\u2019s air behind it.",
    answer: "It would run even better in a vacuum. What counts is that the balloon throws something away."
  },
  before: ["Round or long: which goes further?", "Will a wider nozzle be faster?"],
  after: ["Why did it get faster just before the end?", "What would it do without air in the room?"],
  elsewhere: [
    "Rockets.",
    "Squids.",
    "A garden hose that kicks.",
    "A fire extinguisher on a skateboard (not to be tried)."
  ]
};

// core/catalogue/motion/balloon-line/index.ts
var balloonLine = defineDemonstration({
  id: "balloon-line",
  name: "Balloon on a line",
  summary: "A balloon taped to a straw drives itself along a line across the room.",
  noun: ["run", "runs"],
  people: { performs: 7, watches: 5 },
  gates: gates4,
  cautions: cautions4,
  afterFailure: afterFailure4,
  gallery: {
    family: "motion",
    effect: "A balloon whizzes along a string over everybody\u2019s heads.",
    topics: ["motion", "air pressure", "energy"],
    ages: [5, 14]
  },
  hushWords: { inside: "air in the balloon", strength: "" },
  wanted: "arrives",
  columns: COLUMNS4,
  simulate: simulate4,
  inputs: inputs4,
  check: check4,
  logged: logged4,
  results: results4,
  outcomes: outcomes4,
  ledger: ledger4,
  sizes: sizes4,
  shelf: shelf4,
  procedure: procedure4,
  kit: kit4,
  drawing: drawing4,
  why: why4,
  explanation: explanation4,
  teaching: teaching4
});

// core/catalogue/vacuum/pumped.ts
var jarSurface = ({ numbers: n }) => Math.PI * n.jarDiameter * n.jarHeight + Math.PI * n.jarDiameter * n.jarDiameter / 4;
function pumpJar(values, detail, refinement, content, columns = []) {
  const n = values.numbers;
  const outside = n.stationPressure;
  const temperature = n.airTemperature;
  const { contents } = content;
  const rows = detail === "trace" ? new TraceRows([...GAS_COLUMNS, ...columns]) : void 0;
  const humid = n.relativeHumidity * quickSaturationPressure(temperature) / outside;
  const row = (pressure2, time2, state4) => {
    const free2 = content.volume(pressure2, state4);
    const vapour = humid * pressure2;
    return {
      pressure: pressure2,
      gasTemperature: temperature,
      airMass: (pressure2 - vapour) * free2 / (AIR_GAS_CONSTANT * temperature),
      steamMass: vapour * free2 / (WATER_GAS_CONSTANT * temperature),
      ...content.row?.(pressure2, time2, state4)
    };
  };
  const state3 = Float64Array.of(0, ...contents?.start ?? []);
  const before = content.volume(outside, state3);
  state3[0] = outside * before;
  let near2 = outside;
  const target2 = content.target ?? n.targetPressure ?? 0;
  const pump = pumpOf(values);
  const space = {
    pump,
    outside,
    temperature,
    leakArea: n.leakArea ?? 0,
    contents,
    pressure: (amount, beside, s) => near2 = pressureWithSwelling(amount, beside, near2, (p) => content.volume(p, s))
  };
  const occurrences = [];
  const greatest = {};
  let end = {
    time: 0,
    resume: 0,
    pressure: outside,
    strokes: 0,
    stoppedBy: void 0,
    occurrences: [],
    peaks: {}
  };
  while (target2 < outside) {
    end = pumpDown(space, state3, {
      tolerance: stepTolerance(detail, refinement),
      longest: n.pumpTime,
      onStep: rows && ((t, p, s) => rows.add(t, row(p, t, s))),
      after: end,
      peaks: content.peaks,
      events: [{ id: "target", direction: -1, stops: true, value: (_, p) => p - target2 }, ...content.events ?? []]
    });
    occurrences.push(...end.occurrences);
    for (const [id, { value }] of Object.entries(end.peaks)) greatest[id] = Math.max(greatest[id] ?? -Infinity, value);
    const turn = end.stoppedBy === void 0 ? void 0 : content.turns?.[end.stoppedBy];
    if (!turn) break;
    turn(state3, end.pressure);
  }
  const { pressure, time, resume } = end;
  const difference = outside - pressure;
  const free = content.volume(pressure, state3);
  return {
    pressure,
    time,
    rows,
    row,
    state: state3,
    /** s: the stroke in which it stopped has been made by then, and what follows may begin */
    resume,
    /** when an event was first passed, s */
    at: (id) => occurrences.find((o) => o.id === id)?.time,
    /** greatest value of a peak asked for */
    peak: (id) => greatest[id] ?? NaN,
    simulation: {
      results: {
        finalPressure: pressure,
        timeToPump: time,
        ...!isDriven(values) && { strokes: end.strokes },
        peakPressureDifference: difference,
        jarForce: outside * jarSurface(values),
        storedEnergy: difference * n.jarVolume
      },
      details: {
        stationPressure: outside,
        sealing: 0,
        timeOfLifting: 0,
        difference,
        freeBefore: before,
        freeAfter: free,
        capacity: n.jarVolume
      }
    }
  };
}
function withTrace(pumped, finish) {
  if (!pumped.rows) return void 0;
  finish(pumped.rows);
  return pumped.rows.finish();
}
function jarLedger(simulation) {
  const { details } = simulation;
  const swelling = details.stationPressure * (1 - details.freeBefore / details.freeAfter);
  const rows = [
    { id: "pumped", cause: "air taken out by the pump, less what leaked in", pressure: details.difference - swelling }
  ];
  if (swelling !== 0)
    rows.push({ id: "swelling", cause: "things inside that swell and take up room (gives back)", pressure: swelling });
  return { moment: "at the end of the pumping", rows, difference: details.difference };
}
var jarSizes = (values, { results: r }) => [
  {
    id: "jarForce",
    name: "outside air on the jar",
    value: r.jarForce,
    quantity: "force",
    units: ["kN", "lbf"],
    note: "outside pressure \xD7 its whole surface"
  },
  {
    id: "plateForce",
    name: "jar pressed on its plate",
    value: r.peakPressureDifference * Math.PI * values.numbers.jarDiameter * values.numbers.jarDiameter / 4,
    quantity: "force",
    units: ["kN", "lbf"],
    note: "difference \xD7 its opening: why it cannot be lifted off"
  },
  {
    id: "storedEnergy",
    name: "work the air could do",
    value: r.storedEnergy,
    quantity: "energy",
    units: ["J", "ft lbf"],
    note: "difference \xD7 capacity: what a breaking jar would throw about"
  }
];
var jarKit = (values, ...more) => [
  "jar made for vacuum, without a scratch",
  "plate, seal or grease",
  isDriven(values) ? "pump, hose and air valve" : "hand pump, hose and air valve",
  "pressure gauge",
  "screen or guard",
  "eye protection for all",
  ...more
];

// core/catalogue/vacuum/cautions.ts
var jarGates = (step) => [
  {
    step,
    text: "Jar looked over against the light: made for vacuum, without scratch or chip; nothing that lives goes in.",
    guards: ["glass-under-difference"]
  },
  {
    step: "pump",
    text: "Screen up, goggles on for all, air valve in reach.",
    guards: ["glass-under-difference", "vacuum"]
  }
];
var jarCautions = (values, risk, step = "pump") => applying(
  glassUnderVacuum(atWorst(risk, "peakPressureDifference"), atWorst(risk, "storedEnergy"), step),
  nothingAlive(step),
  isDriven(values) ? usualPump(step) : void 0
);
var jarFailure = (inspect, change) => [
  heatOff("Stop pumping; nobody leans over the jar, bends down to it or touches it."),
  pressureOff("Let air in slowly through the valve, never by pulling at the jar, until the gauge stands at nought."),
  near(inspect),
  near("Look for the leak: seal, grease, hose, valve."),
  next(change)
];
var jarBurst = BURST;

// core/catalogue/vacuum/bell-in-vacuum/cautions.ts
var gates5 = jarGates("jar");
var cautions5 = (values, _s, risk) => jarCautions(values, risk);
var afterFailure5 = (_values, _s, _risk, outcome) => jarFailure(
  "With air in again, a hand on plate and mount: does the sound come through there?",
  outcome === "never" ? "A louder bell, or a quieter room." : outcome === "faint" ? "Nearly: a better mount, or a pump that reaches lower." : "A softer mount, a pump that reaches lower, listeners further off."
);

// core/mechanisms/sound-in-gas.ts
var LN_10 = 2.302585092994046;
var decibels = (powerRatio) => 10 * ln(Math.max(powerRatio, 1e-30)) / LN_10;
var sumOfLevels = (...levels) => decibels(levels.reduce((sum, level) => sum + pow(10, level / 10), 0));
var gasPathLoss = (pressure, outside) => 2 * decibels(outside / Math.max(pressure, 1e-3));

// core/catalogue/vacuum/bell-in-vacuum/simulate.ts
var COLUMNS5 = [
  { id: "levelHeard", name: "sound where the listener sits", quantity: "level" }
];
function heardLevel({ numbers: n }, pressure) {
  const far = n.levelOutside - 2 * decibels(n.listenerDistance);
  return sumOfLevels(far - gasPathLoss(pressure, n.stationPressure), far - n.mountLoss);
}
function pressureForLevel({ numbers: n }, level) {
  const far = n.levelOutside - 2 * decibels(n.listenerDistance);
  const throughGas = pow(10, level / 10) - pow(10, (far - n.mountLoss) / 10);
  return n.stationPressure * pow(10, (decibels(throughGas) - far) / 20);
}
function simulate5(values, detail, refinement = 1) {
  const n = values.numbers;
  const threshold = n.roomNoise - n.belowNoise;
  const pumped = pumpJar(
    values,
    detail,
    refinement,
    {
      volume: () => 0.95 * n.jarVolume,
      row: (p) => ({ levelHeard: heardLevel(values, p) }),
      events: [{ id: "silent", direction: -1, stops: false, value: (_, p) => heardLevel(values, p) - threshold }]
    },
    COLUMNS5
  );
  const { simulation: s, time, pressure } = pumped;
  const gone = pumped.at("silent");
  const first = heardLevel(values, n.stationPressure);
  const last = heardLevel(values, pressure);
  const trace = withTrace(pumped, (rows) => {
    rows.stage("hush", "pumping", gone ?? time);
    rows.stage("after", "silence", time);
  });
  return {
    outcome: first < threshold ? "never" : gone !== void 0 ? "silent" : first - last >= 6 ? "faint" : "heard",
    results: {
      ...s.results,
      levelBefore: first,
      levelAfter: last,
      drop: first - last,
      mountFloor: n.levelOutside - 2 * decibels(n.listenerDistance) - n.mountLoss,
      ...gone !== void 0 && first >= threshold && { hush: gone, vanishPressure: pressureForLevel(values, threshold) }
    },
    events: gone === void 0 ? [] : [{ id: "silent", name: "not heard any more", time: gone }],
    details: { ...s.details, ...gone !== void 0 && { goneAt: gone } },
    ...trace && { trace }
  };
}

// core/catalogue/vacuum/bell-in-vacuum/inputs.ts
var MOUNTS = {
  threads: { name: "hung on rubber bands", loss: 42 },
  foam: { name: "on soft foam", loss: 30 },
  plate: { name: "straight on the plate", loss: 12 }
};
var inputs5 = defineInputs([
  ...ROOM_INPUTS,
  ...jarInputs(),
  {
    id: "mount",
    name: "mount",
    kind: "choice",
    group: "load",
    default: "threads",
    lever: true,
    choices: Object.entries(MOUNTS).map(([id, { name }]) => ({ id, name }))
  },
  blank("levelOutside", "bell heard at the meter, jar on, not pumped", "dB", "load", 62, [20, 110], [45, 80], {
    shape: "normal",
    absolute: 2
  }),
  blank(
    "roomNoise",
    "noise of the room",
    "dB",
    "load",
    38,
    [10, 90],
    [28, 60],
    { shape: "normal", absolute: 3 },
    { lever: [-6, 6] }
  ),
  blank("listenerDistance", "listener sits", "m", "load", 4, [0.3, 60], [1, 15], 0.05, { lever: [-2, 3] }),
  pumpChoice("two-stage"),
  ...PUMP_INPUTS,
  target(200, [-100, 2e3, 1e4]),
  pumpingTime(300),
  LEAK,
  coefficient(
    "mountLoss",
    "what the mount keeps back",
    "dB",
    (v) => (MOUNTS[v.choices.mount ?? ""] ?? MOUNTS.foam).loss,
    [0, 90],
    [5, 60],
    { shape: "normal", absolute: 4 },
    "assumption by the kind of mount: measure it with the jar pumped well"
  ),
  coefficient(
    "belowNoise",
    "how far below the noise a bell is still heard",
    "dB",
    5,
    [-10, 20],
    [0, 12],
    { shape: "normal", absolute: 2 },
    "a tone is masked some 4 to 6 dB below the noise of its own band (Fastl & Zwicker, Psychoacoustics, 3rd ed., ch. 4)"
  )
]);

// core/catalogue/vacuum/bell-in-vacuum/outcomes.ts
var logged5 = {
  used: ["targetPressure", "roomNoise", "levelOutside"],
  seen: ["levelAfter", "finalPressure", "hush"]
};
var results5 = [
  ...JAR_RESULTS,
  result("levelBefore", "heard before", "dB"),
  result("levelAfter", "heard at the end", "dB"),
  result("drop", "quieter by", "dB"),
  result("mountFloor", "what comes through the mount", "dB"),
  result("vanishPressure", "pressure at which it is lost in the room", "kPa"),
  result("hush", "until it is not heard", "s", HUSH)
];
var outcomes5 = [
  { id: "silent", look: "gone", name: "is not heard any more", sentence: "The hammer still moves; nothing is heard." },
  { id: "faint", look: "partly", name: "is much fainter", sentence: "It gets much fainter but can still be heard." },
  { id: "heard", look: "nothing", name: "is heard as before", sentence: "It sounds much as before." },
  {
    id: "never",
    look: "harm",
    name: "was not heard to begin with",
    sentence: "The room is too loud to hear it at all."
  }
];

// core/catalogue/vacuum/bell-in-vacuum/procedure.ts
var shelf5 = [
  { step: "jar", kind: "vessel", shapes: ["bell-jar"], capacity: [1e-4, 0.06] },
  { step: "pump", kind: "pump" }
];
var procedure5 = [
  {
    id: "jar",
    parts: [
      "Set a bell going, ",
      { input: "mount" },
      ", under a ",
      { input: "jarKind" },
      " of ",
      { input: "jarVolume" },
      " (",
      { input: "jarDiameter" },
      " across, ",
      { input: "jarHeight" },
      say` high): a sound meter ${asLength(1)} away reads `,
      { input: "levelOutside" },
      "."
    ]
  },
  {
    id: "room",
    parts: [
      "Quiet: the room itself makes ",
      { input: "roomNoise" },
      "; the farthest listener sits ",
      { input: "listenerDistance" },
      " away. Stop the pump to listen."
    ]
  },
  {
    id: "pump",
    hazards: ["glass-under-difference", "vacuum"],
    marks: ["sealed"],
    parts: (values) => [
      "Pump with a ",
      ...pumpWords(values),
      " down to ",
      { input: "targetPressure" },
      ", for at most ",
      { input: "pumpTime" },
      "."
    ],
    duration: (s) => s.results.timeToPump
  },
  { id: "air", parts: ["Let the air in slowly: it comes back."] }
];
var kit5 = (values) => jarKit(values, "mechanical or battery bell", "rubber bands or foam", "sound meter (a phone will do)");

// core/catalogue/vacuum/jar-scene.ts
function jarScene(values, simulation, time, inside, caption, pumping = true) {
  const { jarDiameter: across, jarHeight: high, stationPressure: outside } = values.numbers;
  const pressure = valueAt(simulation.trace, "pressure", time);
  const wall = dome(0, 0, across, high);
  const right = across * 0.5;
  const px = right + 0.42 * across;
  const stroke = isDriven(values) || !pumping ? 0 : time / values.numbers.strokeTime % 1;
  const lift2 = Math.abs(2 * stroke - 1);
  const arrow = 0.16 * across;
  const pushes = [0.3, 0.62].flatMap(
    (share) => [-1, 1].map((side) => ({
      kind: "push",
      stuff: "outside-air",
      from: [side * (across / 2 + 0.03 * across + arrow), high * share],
      to: [side * (across / 2 + 0.03 * across), high * share]
    }))
  );
  return {
    frame: { left: -1.25 * across, right: 1.5 * across, bottom: -0.16 * high, top: 1.06 * high },
    shapes: [
      { kind: "gas", points: wall, air: pressure / outside, vapour: 0 },
      ...inside,
      { kind: "body", points: wall, stuff: "glass", open: true, thick: 3 },
      { kind: "body", points: rectangle(-0.62 * across, -0.035 * high, 1.24 * across, 0.035 * high), stuff: "metal" },
      {
        kind: "body",
        points: [
          [0.44 * across, -0.02 * high],
          [0.44 * across, -0.1 * high],
          [px, -0.1 * high],
          [px, 0.02 * high]
        ],
        stuff: "rubber",
        open: true,
        thick: 4
      },
      ...isDriven(values) ? [
        {
          kind: "body",
          points: rectangle(px - 0.13 * across, 0, 0.36 * across, 0.3 * high),
          stuff: "metal"
        },
        {
          kind: "round",
          at: [px + 0.05 * across, 0.15 * high],
          across: 0.16 * across,
          stuff: "ink",
          hollow: true
        }
      ] : [
        {
          kind: "body",
          points: rectangle(px - 0.06 * across, 0.02 * high, 0.12 * across, 0.4 * high),
          stuff: "metal",
          hollow: true
        },
        {
          kind: "body",
          points: [
            [px, (0.12 + 0.26 * lift2) * high],
            [px, (0.42 + 0.26 * lift2) * high]
          ],
          stuff: "ink",
          open: true,
          thick: 3
        },
        {
          kind: "body",
          points: [
            [px - 0.09 * across, (0.42 + 0.26 * lift2) * high],
            [px + 0.09 * across, (0.42 + 0.26 * lift2) * high]
          ],
          stuff: "ink",
          open: true,
          thick: 4
        },
        {
          kind: "body",
          points: rectangle(px - 0.05 * across, (0.1 + 0.26 * lift2) * high, 0.1 * across, 0.03 * high),
          stuff: "ink"
        }
      ],
      ...pushes,
      {
        kind: "note",
        at: [-across / 2 - 0.06 * across - arrow, 0.46 * high],
        anchor: "end",
        stuff: "outside-air",
        said: ["outside ", kPa(outside)]
      },
      {
        kind: "note",
        at: [px + 0.02 * across, 0.86 * high],
        anchor: "middle",
        stuff: "ink",
        said: ["inside ", kPa(pressure)]
      }
    ],
    caption
  };
}

// core/catalogue/vacuum/bell-in-vacuum/drawing.ts
var drawing5 = (values, s, time) => {
  const n = values.numbers;
  const level = valueAt(s.trace, "levelHeard", time);
  const r = 0.16 * n.jarDiameter;
  const y = n.jarHeight * 0.42;
  const loud = Math.max(0, Math.min(4, Math.round((level - n.roomNoise + 6) / 6)));
  const mount = values.choices.mount;
  const swing = Math.round(time * 12) % 2 === 0 ? 1 : -1;
  const shapes = [
    ...mount === "threads" ? [-1, 1].map((side) => ({
      kind: "body",
      points: [
        [side * r * 0.5, y + r],
        [side * r * 0.9, n.jarHeight * 0.8]
      ],
      stuff: "rubber",
      open: true,
      thick: 2
    })) : [
      {
        kind: "body",
        points: rectangle(-r * 1.2, 0, r * 2.4, mount === "foam" ? y - r : 0.02),
        stuff: mount === "foam" ? "food" : "metal",
        opacity: 0.7
      },
      ...mount === "foam" ? [] : [{ kind: "body", points: rectangle(-r * 0.1, 0, r * 0.2, y - r), stuff: "metal" }]
    ],
    { kind: "round", at: [0, y], across: 2 * r, stuff: "metal" },
    { kind: "round", at: [0, y], across: 1.5 * r, stuff: "paper" },
    {
      kind: "body",
      points: [
        [0, y],
        [0.4 * r, y + 0.3 * r]
      ],
      stuff: "ink",
      open: true,
      thick: 2
    },
    { kind: "round", at: [-r * 0.6, y + r * 1.25], across: r * 0.9, high: r * 0.6, stuff: "metal" },
    { kind: "round", at: [r * 0.6, y + r * 1.25], across: r * 0.9, high: r * 0.6, stuff: "metal" },
    {
      kind: "body",
      points: [
        [0, y + r],
        [swing * r * 0.14, y + r * 1.4]
      ],
      stuff: "ink",
      open: true,
      thick: 3
    },
    ...Array.from({ length: loud }, (_, i) => ({
      kind: "round",
      at: [0, y + 0.2 * r],
      across: 2 * r * (1.7 + 0.5 * i),
      stuff: "inside-air",
      hollow: true
    })),
    { kind: "note", at: [0, n.jarHeight * 0.06], anchor: "middle", said: [said(level, "level", "dB", "dB")] }
  ];
  return jarScene(values, s, time, shapes, [
    "Heard at the back: ",
    said(level, "level", "dB", "dB"),
    ", in a room of ",
    said(n.roomNoise, "level", "dB", "dB"),
    "."
  ]);
};

// core/catalogue/vacuum/bell-in-vacuum/teaching.ts
var decibel = (x) => `${Math.round(x)} dB`;
var why5 = (values, s) => [
  say`Sound needs something to push. With ${asShare(s.results.finalPressure / values.numbers.stationPressure)} of
    the air left, the path through the air has lost
    ${decibel(gasPathLoss(s.results.finalPressure, values.numbers.stationPressure))}; through the mount
    ${decibel(s.results.mountFloor)} remain whatever the pump does.`,
  s.outcome === "silent" ? say`It is lost in the room's ${decibel(values.numbers.roomNoise)} at ${asPressure(s.results.vanishPressure)}.` : `At ${decibel(s.results.levelAfter)} it is still above what this room hides: a softer mount, a better vacuum or more distance.`
];
var explanation5 = (values, s) => [
  {
    from: 7,
    text: "The bell shakes the air, the air shakes your ear. When we take the air away, nothing carries the shaking to you. The light still gets through: you can see it ring."
  },
  {
    from: 11,
    text: say`Sound goes from particle to particle. With
      ${asShare(s.results.finalPressure / values.numbers.stationPressure)} of them left, little is passed on, and
      it is ${decibel(s.results.drop)} quieter.`
  },
  {
    from: 14,
    text: `Every 10 dB sound about half as loud. Taking nine tenths of the air costs the path through the gas 20 dB; what still comes through the mount, ${decibel(s.results.mountFloor)}, sets the floor.`
  },
  {
    from: 16,
    text: "The radiated pressure goes with \u03C1 c: 20 log(p0/p). The speed of sound does not change, it depends on temperature alone. Long before molecules are too few to carry sound at all, the mismatch between bell, gas and glass has made it inaudible."
  }
];
var teaching5 = {
  wrongIdea: {
    idea: "With no air at all left, sound is suddenly gone.",
    answer: "It fades with every stroke. A school pump leaves thousandths of the air; what is heard last mostly comes through the mount."
  },
  before: ["Will you hear it at the end? Will you see it?", "What carries sound from the bell to you?"],
  after: ["What is the last faint sound, and which way did it come?", "Could you hear a bell on the Moon?"],
  elsewhere: [
    "Space is silent.",
    "Double windows with thin gas.",
    "Vacuum flasks keep sound as well as heat.",
    "Thin mountain air carries less far."
  ]
};

// core/catalogue/vacuum/bell-in-vacuum/index.ts
var bellInVacuum = defineDemonstration({
  id: "bell-in-vacuum",
  name: "Bell in a vacuum",
  summary: "A ringing clock under the jar fades as the air goes, and is still seen to hammer.",
  noun: ["try", "tries"],
  people: { performs: 11, watches: 7 },
  gates: gates5,
  cautions: cautions5,
  afterFailure: afterFailure5,
  gallery: {
    family: "vacuum",
    effect: "A ringing bell goes quiet before everybody\u2019s eyes while its hammer goes on.",
    topics: ["sound", "vacuum", "particle model"],
    ages: [7, 18]
  },
  hushWords: { inside: "air left in the jar", strength: "" },
  wanted: "silent",
  columns: [...GAS_COLUMNS, ...COLUMNS5],
  suspects: VACUUM_SUSPECTS,
  check: jarBears,
  simulate: simulate5,
  ledger: jarLedger,
  sizes: jarSizes,
  inputs: inputs5,
  logged: logged5,
  results: results5,
  outcomes: outcomes5,
  shelf: shelf5,
  procedure: procedure5,
  kit: kit5,
  drawing: drawing5,
  why: why5,
  explanation: explanation5,
  teaching: teaching5
});

// core/catalogue/vacuum/bell-jar-balloon/cautions.ts
var gates6 = jarGates("jar");
var cautions6 = (values, _s, risk) => applying(balloons("balloon", 7), jarCautions(values, risk), bursts("The balloon", risk.share("bursts"), "pump"));
var afterFailure6 = (_values, _s, _risk, outcome) => outcome === "bursts" ? jarBurst : jarFailure(
  "Is the knot tight? A leaking balloon grows and then shrinks below its start.",
  outcome === "touches" ? "It had too much air for this jar: start it smaller." : "More air in it at the start, or a pump that reaches lower."
);

// core/catalogue/vacuum/following-rubber.ts
function followBalloon(rubber, amount) {
  const most = Math.max(hump(rubber), skinPressure(rubber, rubber.burst));
  const slack = balloonVolume(rubber, 1);
  let last = NaN;
  let lastOutside = NaN;
  return (outside) => {
    if (outside === lastOutside) return last;
    lastOutside = outside;
    const limp = cubeRoot(amount / (Math.max(outside, 1) * slack), last);
    last = limp <= 1 ? limp : restingStretch(
      rubber,
      amount,
      outside,
      Math.max(1, cubeRoot(amount / ((Math.max(outside, 0) + most) * slack), limp))
    );
    return last;
  };
}
var SCAN = 120;
function pressureToPass(rubber, amount, from, stretch) {
  const at4 = (x) => amount / balloonVolume(rubber, x) - skinPressure(rubber, x);
  let least = Infinity;
  for (let i = 0; i <= SCAN; i++) least = Math.min(least, at4(from + (stretch - from) * i / SCAN));
  return least;
}
var acrossAt = (rubber, stretch) => 2 * rubber.radius * stretch;
var volumeAt = balloonVolume;

// core/catalogue/vacuum/bell-jar-balloon/simulate.ts
var COLUMNS6 = [
  { id: "balloonAcross", name: "balloon across", quantity: "length" },
  { id: "skinPressure", name: "pressure of the skin", quantity: "pressure" }
];
var TOUCHES = 0.985;
var FILLS = 0.82;
var AIM = 0.9;
var MOST_FILLED = 0.9;
var freeWidth = ({ numbers: n }) => Math.min(n.jarDiameter, 0.92 * n.jarHeight, pow(6 * MOST_FILLED * n.jarVolume / Math.PI, 1 / 3));
function startToFill(values, pressure) {
  const rubber = rubberOf(values);
  const stretch = AIM * freeWidth(values) / (2 * rubber.radius);
  if (stretch > 0.93 * rubber.burst) return void 0;
  const amount = heldAt(rubber, stretch, pressure);
  return acrossAt(rubber, restingStretch(rubber, amount, values.numbers.stationPressure));
}
function simulate6(values, detail, refinement = 1) {
  const n = values.numbers;
  const rubber = rubberOf(values);
  const amount = heldAt(rubber, n.balloonStart / (2 * rubber.radius), n.stationPressure);
  const stretchAt2 = followBalloon(rubber, amount);
  const width = freeWidth(values);
  const begun = n.balloonStart / (2 * rubber.radius);
  const passes = (stretch) => stretch > begun ? pressureToPass(rubber, amount, begun, stretch) : Infinity;
  const [filledPressure, burstPressure, touchPressure] = [
    FILLS * width / (2 * rubber.radius),
    rubber.burst,
    TOUCHES * width / (2 * rubber.radius)
  ].map(passes);
  const across = (p) => acrossAt(rubber, stretchAt2(p));
  const pumped = pumpJar(
    values,
    detail,
    refinement,
    {
      volume: (p) => Math.max(0.02 * n.jarVolume, n.jarVolume - volumeAt(rubber, stretchAt2(p))),
      row: (p) => ({ balloonAcross: across(p), skinPressure: amount / volumeAt(rubber, stretchAt2(p)) - p }),
      events: [
        { id: "filled", direction: 1, stops: false, value: (_, p) => filledPressure - p },
        { id: "burst", direction: 1, stops: true, value: (_, p) => burstPressure - p },
        { id: "touch", direction: 1, stops: true, value: (_, p) => touchPressure - p }
      ]
    },
    COLUMNS6
  );
  const { simulation: s, time, at: at4 } = pumped;
  const [burstAt, touchAt] = [at4("burst"), at4("touch")];
  const filledAt = n.balloonStart >= FILLS * width ? 0 : at4("filled");
  const balloonEnd = across(pumped.pressure);
  const start = startToFill(values, Math.max(pumped.pressure, n.targetPressure));
  const trace = withTrace(pumped, (rows) => {
    rows.stage("hush", "pumping", filledAt ?? time);
    rows.stage("after", "end", time);
  });
  return {
    outcome: burstAt !== void 0 ? "bursts" : touchAt !== void 0 ? "touches" : filledAt !== void 0 ? "fills" : "small",
    results: {
      ...s.results,
      balloonEnd,
      balloonGrowth: balloonEnd / n.balloonStart,
      hump: hump(rubber),
      ...start !== void 0 && { startToFill: start },
      ...filledAt !== void 0 && { hush: filledAt }
    },
    events: [
      ...filledAt !== void 0 ? [{ id: "filled", name: "nearly fills the jar", time: filledAt }] : [],
      ...burstAt !== void 0 ? [{ id: "burst", name: "bursts", time: burstAt }] : [],
      ...touchAt !== void 0 ? [{ id: "touch", name: "touches the glass", time: touchAt }] : []
    ],
    details: {
      ...s.details,
      burst: burstAt === void 0 ? 0 : 1,
      ...filledAt !== void 0 && { goneAt: filledAt }
    },
    ...trace && { trace }
  };
}

// core/catalogue/vacuum/bell-jar-balloon/inputs.ts
var inputs6 = defineInputs([
  ...ROOM_INPUTS,
  ...jarInputs(),
  slackBalloon(0.05),
  blank(
    "balloonStart",
    "blown up to",
    "cm",
    "load",
    0.095,
    [0.01, 0.4],
    [0.03, 0.12],
    { shape: "normal", relative: 0.03 },
    { lever: [-0.01, 0.01, 0.02] }
  ),
  pumpChoice("hand"),
  ...PUMP_INPUTS,
  target(15e3),
  pumpingTime(240),
  LEAK,
  ...RUBBER
]);
var check5 = ({ numbers: n, choices }) => [
  ...jarBears({ numbers: n, choices }),
  ...n.balloonStart > TOUCHES * freeWidth({ numbers: n, choices }) ? [
    {
      input: "balloonStart",
      message: say`given ${asLength(n.balloonStart, { digits: 4 })}; accepted: at most
            ${asLength(TOUCHES * freeWidth({ numbers: n, choices }), {
        digits: 4,
        toward: "below"
      })}, or it touches this jar
            before anything is pumped`
    }
  ] : over(n.balloonStart, n.balloonSlack * n.burstStretch) ? [
    {
      input: "balloonStart",
      message: say`given ${asLength(n.balloonStart, { digits: 4 })}; accepted: at most
              ${asLength(n.balloonSlack * n.burstStretch, {
        digits: 4,
        toward: "below"
      })}, where this balloon bursts in the room`
    }
  ] : []
];

// core/catalogue/vacuum/bell-jar-balloon/outcomes.ts
var logged6 = {
  used: ["balloonStart", "targetPressure"],
  seen: ["balloonEnd", "finalPressure", "timeToPump"]
};
var results6 = [
  ...JAR_RESULTS,
  result("balloonEnd", "balloon across at the end", "cm"),
  result("balloonGrowth", "times as wide as at the start", "1"),
  result("startToFill", "size to start with so that it nearly fills the jar", "cm"),
  result("hump", "most that the skin ever presses", "kPa"),
  result("hush", "until it nearly fills the jar", "s", HUSH)
];
var outcomes6 = [
  {
    id: "fills",
    look: "gone",
    name: "nearly fills the jar",
    sentence: "The balloon swells until it nearly fills the jar."
  },
  {
    id: "touches",
    look: "partly",
    name: "presses against the glass",
    sentence: "The balloon swells until it presses against the glass."
  },
  {
    id: "small",
    look: "nothing",
    name: "stays small",
    sentence: "The balloon swells a little and stays well away from the glass."
  },
  { id: "bursts", look: "harm", name: "bursts", sentence: "The balloon bursts in the jar." }
];

// core/catalogue/vacuum/bell-jar-balloon/procedure.ts
var shelf6 = [
  { step: "jar", kind: "vessel", shapes: ["bell-jar"], capacity: [1e-4, 0.06] },
  { step: "pump", kind: "pump" }
];
var procedure6 = [
  {
    id: "jar",
    parts: [
      "Grease the rim of a ",
      { input: "jarKind" },
      " of ",
      { input: "jarVolume" },
      " (",
      { input: "jarDiameter" },
      " across, ",
      { input: "jarHeight" },
      " high inside)."
    ]
  },
  {
    id: "balloon",
    hazards: ["burst"],
    parts: [
      "Blow up a balloon, ",
      { input: "balloonSlack" },
      " across before it stretches, to only ",
      { input: "balloonStart" },
      " across; knot it; hang or lay it in the middle."
    ]
  },
  {
    id: "pump",
    hazards: ["glass-under-difference", "vacuum"],
    marks: ["sealed"],
    parts: (values) => [
      "Pump with a ",
      ...pumpWords(values),
      " until the gauge shows ",
      { input: "targetPressure" },
      ", for at most ",
      { input: "pumpTime" },
      "."
    ],
    duration: (s) => s.results.timeToPump
  },
  { id: "air", parts: ["Let the air back in slowly: it shrinks to what it was."] }
];
var kit6 = (values) => jarKit(values, "round balloons, several", "ruler or callipers", "thread");

// core/catalogue/vacuum/bell-jar-balloon/drawing.ts
var drawing6 = (values, s, time) => {
  const across = valueAt(s.trace, "balloonAcross", time);
  const burst = s.outcome === "bursts" && time >= s.results.timeToPump - 1e-6;
  const height = values.numbers.jarHeight * 0.5;
  const shapes = burst ? [-0.5, -0.15, 0.3, 0.6].map((x) => ({
    kind: "round",
    at: [x * values.numbers.jarDiameter * 0.6, 0.012 + Math.abs(x) * 0.02],
    across: 0.03,
    high: 0.012,
    stuff: "rubber"
  })) : [
    { kind: "round", at: [0, height], across, stuff: "rubber", opacity: 0.75 },
    {
      kind: "body",
      points: [
        [-7e-3, height - across / 2 - 0.01],
        [0, height - across / 2],
        [7e-3, height - across / 2 - 0.01]
      ],
      stuff: "rubber"
    },
    { kind: "note", at: [0, height - 4e-3], anchor: "middle", said: [said(across, "length", "cm", "in")] }
  ];
  return jarScene(
    values,
    s,
    time,
    shapes,
    burst ? ["It has burst."] : ["The balloon is ", said(across, "length", "cm", "in"), " across; its air is the same all the time."]
  );
};

// core/catalogue/vacuum/bell-jar-balloon/teaching.ts
var why6 = (values, s) => {
  const n = values.numbers;
  const { results: r } = s;
  return [
    say`The knot keeps the same air inside. When the jar has gone from ${asPressure(n.stationPressure)} to
      ${asPressure(r.finalPressure)} nothing much pushes back, and that air takes
      ${asTimes(n.stationPressure / r.finalPressure)} the room, less what the skin holds back (it never presses
      with more than ${asPressure(r.hump)}).`,
    ...s.outcome === "bursts" ? [say`It was stretched ${asNumber(n.burstStretch, 2)} times and tore: start smaller.`] : [],
    ...s.outcome === "small" ? [
      say`It reaches ${asShare(r.balloonEnd / freeWidth(values))} of the jar's width: more air to start with,
            or a better vacuum.`
    ] : []
  ];
};
var advice = (values, s) => {
  const { startToFill: start, finalPressure } = s.results;
  if (start === void 0)
    return [
      {
        text: say`To fill this jar at ${asPressure(finalPressure)} the rubber would have to stretch
          ${asNumber(0.9 * freeWidth(values) / (2 * rubberOf(values).radius), 2)} times; it bursts near
          ${asNumber(values.numbers.burstStretch, 2)}. Take a larger balloon.`
      }
    ];
  return [
    {
      text: say`Start it ${asLength(start)} across: at ${asPressure(finalPressure)} it then nearly fills the jar.`,
      take: { input: "balloonStart", value: Number(start.toFixed(4)) }
    }
  ];
};
var explanation6 = (values, s) => [
  {
    from: 7,
    text: say`We did not blow into the balloon. We took away the air round it. The air inside still pushes, and
      there is less to push back, so it grows from ${asLength(values.numbers.balloonStart)} to
      ${asLength(s.results.balloonEnd)}.`
  },
  {
    from: 11,
    text: say`Air presses from all sides, here with ${asPressure(values.numbers.stationPressure)}. Pumped down to
      ${asPressure(s.results.finalPressure)}, the trapped air pushes the skin out until both sides match again.`
  },
  {
    from: 14,
    text: say`Pressure times volume of the trapped air stays the same at one temperature (Boyle). From
      ${asPressure(values.numbers.stationPressure)} to ${asPressure(s.results.finalPressure)} the volume could
      grow ${asTimes(values.numbers.stationPressure / s.results.finalPressure)}; the skin takes its share of
      pressure, so it grew
      ${asTimes(s.results.balloonGrowth * s.results.balloonGrowth * s.results.balloonGrowth)}.`
  },
  {
    from: 16,
    text: say`(p + Δp(λ)) V(λ) is constant. The skin's Δp rises to a hump of ${asPressure(s.results.hump)} near a
      stretch of ${asNumber(1.4, 2)}, falls, and rises again as the rubber stiffens: where it falls the balloon
      may grow with a jump. The pump takes air in equal shares, not equal amounts: ${asTime(s.results.timeToPump)}
      to here.`
  }
];
var teaching6 = {
  wrongIdea: {
    idea: "The vacuum sucks the balloon bigger.",
    answer: "Nothing pulls. The air in the balloon has pushed all the time; what was taken away is the air that pushed back."
  },
  before: [
    "What will happen to the balloon when the pump runs?",
    "Is there more air in the balloon afterwards?",
    "Will it stay big when the air comes back?"
  ],
  after: [
    "What pushed the skin outwards?",
    "Why does it shrink again to the same size?",
    "What would happen if it had a pinhole?"
  ],
  elsewhere: [
    "A weather balloon is launched limp and is several times wider high up.",
    "A packet of crisps bulges on a mountain pass.",
    "A diver breathes out on the way up.",
    "Ears pop in an aircraft."
  ]
};

// core/catalogue/vacuum/bell-jar-balloon/index.ts
var bellJarBalloon = defineDemonstration({
  id: "bell-jar-balloon",
  name: "Balloon in a bell jar",
  summary: "A knotted balloon with a little air, in a jar that is pumped out: it grows until it fills the jar.",
  noun: ["balloon", "balloons"],
  people: { performs: 11, watches: 7 },
  gates: gates6,
  cautions: cautions6,
  afterFailure: afterFailure6,
  gallery: {
    family: "vacuum",
    effect: "A limp balloon swells by itself under the jar, and shrinks back when the air is let in.",
    topics: ["air pressure", "gas laws", "vacuum"],
    ages: [7, 18]
  },
  hushWords: { inside: "air left in the jar", strength: "" },
  wanted: "fills",
  columns: [...GAS_COLUMNS, ...COLUMNS6],
  suspects: VACUUM_SUSPECTS,
  simulate: simulate6,
  ledger: jarLedger,
  sizes: jarSizes,
  inputs: inputs6,
  check: check5,
  logged: logged6,
  results: results6,
  outcomes: outcomes6,
  shelf: shelf6,
  procedure: procedure6,
  kit: kit6,
  drawing: drawing6,
  why: why6,
  advice,
  explanation: explanation6,
  teaching: teaching6
});

// core/catalogue/steam/bottle-fill/cautions.ts
var gates7 = [
  {
    step: "charge",
    text: "The glass looked over against the light: no scratch, chip or star.",
    guards: ["chilled-glass", "glass-under-difference"]
  },
  {
    step: "fill",
    text: "Goggles on for everyone; hair and sleeves back; bowl padded; cloth, gloves and stopper laid out.",
    guards: ["heat", "flame", "scald"]
  },
  {
    step: "turn",
    text: "Heat off before a stopper goes in or the bottle is moved; screen up; cloth round the bottle.",
    guards: ["chilled-glass", "glass-under-difference"]
  }
];
var onHeat2 = ({ choices }) => choices.fillMethod === "flame" || choices.fillMethod === "microwave";
var cautions7 = (values, s, risk) => {
  const { numbers: n, choices } = values;
  const { results: r, details } = s;
  const cracks = risk.share("crack");
  const stoppered2 = n.stopperTime > 0;
  return applying(
    wetFloor(n.bathVolume, "bath"),
    heavy("The bowl, full", 1e3 * n.bathVolume, "bath"),
    scald(n.bathTemperature, n.bathVolume, "bath", "The bath", "scald-bath"),
    onHeat2(values) ? [
      hotSurface(
        Math.max(details.overheat ?? 0, r.boilingTemperature),
        "fill",
        "Heater and bottle stay hot after use"
      ),
      boilingDry(dryMargin(s), details.overheat, "fill", risk.dry),
      scald(r.boilingTemperature, n.waterCharge, "fill")
    ] : [scald(r.boilingTemperature, n.vesselVolume, "fill", "Water from the kettle", "scald-kettle")],
    choices.fillMethod === "flame" ? burnerGas("fill", n.heaterPower > 4e3) : void 0,
    choices.fillMethod === "microwave" ? superheated("fill", n.ovenWait) : void 0,
    scald(r.boilingTemperature, n.waterCharge, "turn"),
    thermalShock(atWorst(risk, "glassChill"), n.shockLimit, cracks, "turn"),
    stoppered2 ? glassUnderVacuum(
      atWorst(risk, "peakPressureDifference"),
      atWorst(risk, "peakPressureDifference") * n.vesselVolume,
      "turn",
      "Only a sound round bottle; heat off before the stopper, and no stopper pressed while it boils"
    ) : void 0,
    inflowSlam(atWorst(risk, "slamPressure"), atWorst(risk, "peakWallForce"), cracks, "open"),
    pulledDown(atWorst(risk, "peakPull"), n.grip, atWorst(risk, "blowEnergy"), n.blowLimit, "open")
  );
};
var afterFailure7 = ({ numbers: n }, _s, _risk, outcome) => outcome === "crack" ? BROKEN_GLASS : [
  wait(
    "Keep the mouth under water for half a minute, hands and face away from the bottle\u2019s bottom: a slow one may still come."
  ),
  heatOff("Heater off."),
  pressureOff(
    n.stopperTime > 0 ? "Stopper out under water, at arm\u2019s length; then tilt it until air goes in at the mouth." : "Tilt it slowly until air goes in at the mouth: hot water may come out."
  ),
  near(
    "Let it drain over the bowl, mouth down, and cool on wood. Hot glass is never set on a wet or cold bench."
  ),
  outcome === "part" ? next("Air was left in it: boil longer, or rinse with water straight off the boil.") : act(
    "next",
    "It was full of air: boil longer, or rinse with water straight off the boil, and be quicker to the bowl."
  )
];

// core/mechanisms/pulled-bottle.ts
function blowEnergy({ pull, grip, impulse, clearance, mass }) {
  const free = Math.max(0, pull - grip);
  if (free === 0) return 0;
  const momentum = free / pull * impulse;
  return Math.min(free * clearance, momentum * momentum / (2 * mass));
}

// core/mechanisms/plunge.ts
var EXPLICIT_STEPS = 45;
var EXPLICIT_STEPS_RIGID = 14;
var UNBREAKABLE = 1e8;
var REPORTED = ["critical", "mouth-full", "full"];
var HAIR = 1e-5;
var PUSH = 0.01;
var LONGEST_PLUNGE = 900;
var ALL_BUT = 0.9;
var times2 = [];
var amounts = [];
var inflows = [];
function plunge(system, state3, tolerance, record, longest = LONGEST_PLUNGE) {
  const { plan: plan3 } = system;
  const { capacity } = plan3.vessel;
  const critical = {
    id: "critical",
    direction: 1,
    stops: true,
    value: (_, s) => system.difference(s) - system.critical(s)
  };
  const yields = {
    id: "yield",
    direction: 1,
    stops: true,
    value: (_, s) => system.difference(s) - system.held(s)
  };
  const stops = { id: "wall-stops", direction: -1, stops: true, value: (_, s) => s[COOLING.losing] };
  const mouthFull = {
    id: "mouth-full",
    direction: 1,
    stops: false,
    value: (_, s) => s[COOLING.drawnIn] - system.passageMass
  };
  const full = {
    id: "full",
    direction: -1,
    stops: true,
    value: (_, s) => system.gasVolume(s) / (capacity * (1 - s[COOLING.lost])) - 0.02
  };
  const enters = { id: "enters", direction: 1, stops: true, value: (t, s) => system.drive(t, s) - PUSH };
  const leaves = {
    id: "leaves",
    direction: -1,
    stops: true,
    value: (_, s) => s[COOLING.drawnIn] + HAIR * system.passageMass
  };
  const still = {
    id: "still",
    direction: -1,
    stops: true,
    value: (_, s) => s[COOLING.drawnIn] > 1.5 * system.passageMass ? s[COOLING.speed] - 0.01 : 1
  };
  const settled = { id: "settled", direction: -1, stops: true, value: (_, s) => system.unrest(s) };
  let hush;
  let peakDifference = 0;
  let timeOfPeak = 0;
  let peakSpeed = 0;
  let time = 0;
  const occurrences = [];
  times2.length = amounts.length = inflows.length = 0;
  const onStep = (at4, s) => {
    times2.push(at4);
    amounts.push(s[COOLING.drawnIn]);
    inflows.push(system.inflow(s));
    record?.(at4, s);
  };
  const peaks = [
    { id: "difference", value: (_, s) => system.difference(s) },
    { id: "speed", value: (_, s) => s[COOLING.speed] }
  ];
  const explicitSteps = plan3.mouth?.stem || plan3.strength.criticalDifference < UNBREAKABLE ? EXPLICIT_STEPS : EXPLICIT_STEPS_RIGID;
  const integrator3 = integratorOf(system.size);
  system.wall = "standing";
  system.dependsOnTime = true;
  system.kept = system.drive(0, state3) <= PUSH;
  while (time < longest) {
    const water = system.kept ? enters : leaves;
    const events = system.wall === "moving" ? [stops, mouthFull, full] : [
      water,
      hush === void 0 ? critical : yields,
      settled,
      mouthFull,
      full,
      ...plan3.mouth?.stem ? [still] : []
    ];
    const end = system.dependsOnTime ? system.plungeTime : longest;
    const stage = integrator3.run(system, state3, time, end, {
      tolerance,
      firstStep: system.wall === "moving" ? 1e-5 : 1e-3,
      explicitSteps,
      events,
      peaks,
      onStep,
      between: record ? 1 : 0
    });
    time = stage.time;
    const { difference, speed } = stage.peaks;
    if (difference.value > peakDifference) {
      peakDifference = difference.value;
      timeOfPeak = difference.time;
    }
    peakSpeed = Math.max(peakSpeed, speed.value);
    for (const o of stage.occurrences) {
      if (o.id !== "mouth-full" || !occurrences.some((p) => p.id === "mouth-full")) {
        if (REPORTED.includes(o.id)) occurrences.push(o);
      }
    }
    if (stage.stoppedBy === "full" || stage.stoppedBy === "settled" || stage.stoppedBy === "still") break;
    if (stage.stoppedBy === void 0) {
      if (!system.dependsOnTime) break;
      system.dependsOnTime = false;
      continue;
    }
    if (stage.stoppedBy === "enters" || stage.stoppedBy === "leaves") {
      if (stage.stoppedBy === "enters") system.kept = false;
      else {
        state3[COOLING.drawnIn] = 0;
        state3[COOLING.speed] = 0;
        system.kept = system.drive(time, state3) <= PUSH;
      }
      if (!system.dependsOnTime && system.unrest(state3) < 0) break;
    } else if (stage.stoppedBy === "wall-stops") {
      system.wall = "standing";
      state3[COOLING.losing] = 0;
    } else {
      if (stage.stoppedBy === "critical") hush = time;
      system.wall = "moving";
      state3[COOLING.losing] = 1e-6;
    }
  }
  const filled = firstReachedOnCurve(ALL_BUT * amounts.reduce((most, x) => Math.max(most, x), 0), times2, amounts, inflows) ?? time;
  return {
    filled: occurrences.find((o) => o.id === "full")?.time ?? filled,
    hush,
    peakDifference,
    timeOfPeak,
    end: time,
    peakSpeed,
    impulse: state3[COOLING.impulse],
    occurrences
  };
}

// core/catalogue/steam/dipped-glass.ts
var SOUND_IN_WATER = 1350;
var RIGID = { criticalDifference: 1e9, residualLoad: 1, stiffening: 0, packing: 0.92 };
function runDipped(dipped2, detail, refinement, end, recorder) {
  const { plan: plan3, filled, pool, surface, stoppered: stoppered2 = 0, carriedStoppered = 0 } = dipped2;
  const { vessel, room } = plan3;
  const tolerance = stepTolerance(detail, refinement);
  const gas = gasAtSeal(plan3, filled, pool);
  const cooling = { ...dipped2.cooling, strength: RIGID, pool, leakArea: 0 };
  const mouth = cooling.mouth;
  let opening = filled.sealing;
  let system = new CoolingVessel(cooling, detail === "trace");
  let state3 = coolingStart(system, filled, gas);
  let glassAtDip = filled.wall;
  if (stoppered2 > 0) {
    const closed2 = new CoolingVessel({ ...cooling, mouth: void 0 }, detail === "trace");
    recorder?.beginCooling(filled.sealing, closed2);
    coolSealed(closed2, state3, { tolerance, longest: stoppered2, coolDelay: carriedStoppered, record: recorder?.cooling });
    opening += stoppered2;
    if (carriedStoppered >= stoppered2) glassAtDip = Math.max(state3[COOLING.wetWall], state3[COOLING.dryWall]);
    system = new CoolingVessel({ ...cooling, mouth: { ...mouth, plungeSpeed: 10 } }, detail === "trace");
    state3[COOLING.drawnIn] = 0;
    state3 = state3.subarray(0, system.size);
  }
  recorder?.beginCooling(filled.sealing, system, opening);
  const before = system.difference(state3);
  const ended = plunge(system, state3, tolerance, recorder?.cooling, dipped2.longest);
  const density = quickLiquidDensity(mouth.waterTemperature);
  const drawnIn = Math.max(0, state3[COOLING.drawnIn]);
  const stemMass = mouth.stem ? system.passageMass : 0;
  const mouthArea = Math.PI * vessel.mouthDiameter * vessel.mouthDiameter / 4;
  const fillFraction = Math.min(1, Math.max(0, drawnIn - stemMass) / density / vessel.capacity);
  const entered = ended.occurrences.find((o) => o.id === "mouth-full")?.time;
  const full = ended.occurrences.find((o) => o.id === "full")?.time;
  const results28 = {
    ...resultsAtSeal(plan3, filled, gas, mouth.waterTemperature),
    ...forcesOf(surface, room.pressure, Math.max(ended.peakDifference, before)),
    waterDrawnIn: drawnIn / density,
    fillFraction,
    timeToFill: ended.filled,
    peakInflowSpeed: ended.peakSpeed,
    peakWallForce: density * mouthArea * ended.peakSpeed * ended.peakSpeed,
    inflowImpulse: ended.impulse,
    // The room presses on the bottom that is up, and less presses back over the mouth.
    peakPull: Math.max(0, ended.peakDifference) * mouthArea,
    // Joukowsky: the column in the body stops dead when the last steam is gone; air left inside cushions it before
    // that.
    slamPressure: full === void 0 ? 0 : density * SOUND_IN_WATER * Math.max(0, state3[COOLING.speed]) * mouthArea / vessel.crossSection,
    glassChill: Math.max(0, glassAtDip - mouth.waterTemperature),
    ...entered !== void 0 && { hush: entered }
  };
  const { outcome, more } = end(results28);
  const events = new EventList({
    "seal": stoppered2 > 0 ? "stoppered" : "mouth under water",
    "mouth-full": mouth.stem ? "water comes over the top" : "water through the mouth"
  }).addHeating(filled);
  if (stoppered2 > 0) events.add("unstop", opening);
  events.add("mouth-full", entered === void 0 ? void 0 : opening + entered).add("full", full === void 0 ? void 0 : opening + full).add("peak", opening + ended.timeOfPeak);
  const simulation = {
    results: { ...results28, ...more },
    events: events.sorted(),
    outcome,
    details: {
      ...detailsAtSeal(plan3, filled),
      timeOfPeak: opening + ended.timeOfPeak,
      pool,
      opening,
      bathTemperature: mouth.waterTemperature,
      // The hush of a stem ends when the first water comes over its top; a wide mouth has hardly any.
      ...entered !== void 0 && { goneAt: opening + entered }
    }
  };
  return { ...simulation, ...recorder && { trace: recorder.finish(simulation) } };
}

// core/mechanisms/rinse.ts
var FILM = 0.03;
function rinse(plan3) {
  const { vessel, room, temperature, times: times3, contact, saturation } = plan3;
  const area = vessel.upperArea + vessel.crossSection;
  const wallCapacity = vessel.solid.density * vessel.solid.specificHeat * vessel.wallThickness * area;
  const water = plan3.volume * quickLiquidDensity(Math.min(temperature, 372));
  const film = FILM * area;
  const displaced = Math.min(1, plan3.volume / vessel.capacity);
  let wall = room.temperature;
  let vapourShare = room.vapourFraction;
  for (let i = 0; i < times3; i++) {
    const common2 = (water * LIQUID_SPECIFIC_HEAT * temperature + wallCapacity * wall) / (water * LIQUID_SPECIFIC_HEAT + wallCapacity);
    wall += contact * (common2 - wall);
    const afterPouring = vapourShare * (1 - displaced) + room.vapourFraction * displaced;
    const moles = room.pressure * vessel.capacity / (GAS_CONSTANT * wall);
    const shareAt = (t) => Math.min(0.995, saturation * quickSaturationPressure(t) / room.pressure);
    let low = room.temperature;
    let high = wall;
    for (let step = 0; step < 40; step++) {
      const middle = (low + high) / 2;
      const needed2 = Math.max(0, shareAt(middle) - afterPouring) * moles * WATER_MOLAR_MASS * quickLatentHeat(middle);
      if (wallCapacity * (wall - middle) > needed2) low = middle;
      else high = middle;
    }
    wall = high;
    vapourShare = Math.max(afterPouring, shareAt(wall));
  }
  return { wall, film, airMoles: (1 - vapourShare) * room.pressure * vessel.capacity / (GAS_CONSTANT * wall) };
}

// core/catalogue/steam/rinsed.ts
var carried2 = new Float64Array(4);
function fillByRinsing(vessel, room, rinsing, tolerance, recorder) {
  const rinsed = rinse({ vessel, room, ...rinsing, volume: Math.min(rinsing.volume, vessel.capacity) });
  carried2[TRANSFER.wall] = rinsed.wall;
  carried2[TRANSFER.pool] = rinsed.wall;
  carried2[TRANSFER.waterMass] = rinsed.film;
  carried2[TRANSFER.airMoles] = rinsed.airMoles;
  recorder?.beginTransfer(0);
  transfer(
    {
      vessel,
      room,
      duration: rinsing.delay,
      uprightShare: rinsing.uprightShare,
      moved: rinsing.moved,
      airLayerFactor: rinsing.airLayerFactor,
      surfaceConductance: rinsing.surfaceConductance
    },
    carried2,
    tolerance,
    recorder?.transfer
  );
  return {
    wall: carried2[TRANSFER.wall],
    liquid: carried2[TRANSFER.pool],
    waterMass: carried2[TRANSFER.waterMass],
    airMoles: carried2[TRANSFER.airMoles],
    timeOfLifting: 0,
    sealing: rinsing.delay,
    overheat: rinsed.wall
  };
}

// core/catalogue/steam/bottle-fill/simulate.ts
var GAP_CONTRACTION = 0.61;
var STOPPERING = 0.5;
var FULL = 0.85;
var SEEN2 = 0.08;
var bottleOf = ({ numbers: n }) => cylinderVessel(
  {
    capacity: n.vesselVolume,
    diameter: n.vesselDiameter,
    height: n.vesselHeight,
    wallThickness: n.wallThickness,
    mouthDiameter: n.neckDiameter
  },
  SOLIDS.glass
);
function throttledEntry(loss, mouth, clearance) {
  const ratio = mouth / (4 * clearance * GAP_CONTRACTION);
  return loss + ratio * ratio;
}
var bottleHeating = (values, vessel = bottleOf(values)) => ({
  ...heatingPlan(values, vessel),
  ...values.choices.fillMethod === "microwave" && { totalTime: values.numbers.ovenTime }
});
function fill(values, vessel, tolerance, recorder) {
  const n = values.numbers;
  const { fillMethod } = values.choices;
  const hand = n.stopperTime > 0 ? STOPPERING : n.transferTime;
  const waiting = fillMethod === "microwave" ? n.ovenWait : 0;
  const open = hand + waiting;
  const upright = (waiting + n.uprightShare * hand) / open;
  if (fillMethod === "flame" || fillMethod === "microwave") {
    return fillByBoiling(
      bottleHeating(values, vessel),
      { duration: open, uprightShare: upright, moved: true },
      n.surfaceConductance,
      tolerance,
      recorder
    );
  }
  const room = roomOf(values, vessel);
  return fillByRinsing(
    vessel,
    room,
    {
      volume: vessel.capacity,
      temperature: heldBelowBoiling(room.boilingPoint - n.pouringLoss, room),
      times: fillMethod === "rinse-twice" ? 2 : 1,
      contact: n.rinseContact,
      saturation: n.filmSaturation,
      delay: open,
      moved: true,
      uprightShare: n.uprightShare,
      airLayerFactor: n.airLayerFactor,
      surfaceConductance: n.surfaceConductance
    },
    tolerance,
    recorder
  );
}
var glassMass = (vessel) => SOLIDS.glass.density * vessel.wallThickness * (vessel.upperArea + vessel.crossSection);
function simulate7(values, detail, refinement = 1) {
  const n = values.numbers;
  const vessel = bottleOf(values);
  const room = roomOf(values, vessel);
  const rinsed = values.choices.fillMethod.startsWith("rinse");
  const recorder = detail === "trace" ? new TraceRecorder({ vessel, room }, rinsed ? "carry" : "heat", "fill") : void 0;
  const filled = fill(values, vessel, stepTolerance(detail, refinement), recorder);
  const bathTemperature = heldBelowBoiling(n.bathTemperature, room);
  const inNeck = Math.min(n.mouthDepth, n.neckLength);
  const area = Math.PI * (vessel.mouthDiameter * inNeck + vessel.diameter * (n.mouthDepth - inNeck));
  return runDipped(
    {
      plan: { vessel, room },
      filled,
      pool: filled.waterMass * n.poolRetained,
      stoppered: n.stopperTime > 0 ? n.transferTime + n.stopperTime : 0,
      carriedStoppered: n.transferTime + (values.choices.stopperPlace === "air" ? n.stopperTime : 0),
      longest: 60,
      surface: outerSurface({ diameter: vessel.diameter, height: vessel.height, wallThickness: vessel.wallThickness }),
      cooling: {
        vessel,
        room,
        coolant: {
          temperature: bathTemperature,
          area,
          throughBase: 0,
          conductance: throughWall(
            vessel,
            n.bathTransferFactor * bathConductance(n.mouthDepth, n.plungeSpeed, Math.max(1, filled.wall - bathTemperature))
          )
        },
        mouth: {
          depth: n.mouthDepth,
          plungeSpeed: n.plungeSpeed,
          waterTemperature: bathTemperature,
          passage: n.neckLength,
          entryLoss: throttledEntry(n.entryLoss, vessel.mouthDiameter, n.mouthClearance),
          jet: {
            water: bathTemperature,
            diameter: vessel.mouthDiameter,
            stanton: n.jetStanton,
            sprayContact: n.sprayContact,
            splashWeber: n.splashWeber
          }
        },
        airLayerFactor: n.airLayerFactor,
        surfaceConductance: n.surfaceConductance
      }
    },
    detail,
    refinement,
    ({ glassChill, slamPressure, fillFraction, peakPull, inflowImpulse }) => {
      const energy = blowEnergy({
        pull: peakPull,
        grip: n.grip,
        impulse: inflowImpulse,
        clearance: n.mouthClearance,
        mass: glassMass(vessel)
      });
      const cracks = glassChill > n.shockLimit || slamPressure > n.slamLimit || energy > n.blowLimit;
      const outcome = cracks ? "crack" : fillFraction >= FULL ? "fill" : fillFraction >= SEEN2 ? "part" : "nothing";
      return { outcome, more: { blowEnergy: energy } };
    },
    recorder
  );
}

// core/catalogue/steam/dipped-face.ts
var DIPPED_RESULTS = steamResults(
  "boilingTemperature",
  "timeToBoil",
  "timeToPlume",
  "timeToDry",
  "waterLeft",
  "residualAirFraction",
  "steamMass",
  "peakPressureDifference",
  "floorPressure",
  "outsideForce",
  "peakNetForce",
  "hush",
  "timeToFill",
  "waterDrawnIn",
  "fillFraction",
  "peakInflowSpeed",
  "peakWallForce",
  "peakPull",
  "inflowImpulse",
  "slamPressure",
  "glassChill"
);
var DIPPED_COEFFICIENTS = quantities(
  "purgeMixing",
  "plumeVapourFraction",
  "heaterLimit",
  "uprightShare",
  "poolRetained",
  "airLayerFactor",
  "jetStanton",
  "sprayContact",
  "splashWeber",
  "surfaceConductance",
  "entryLoss"
);
var FILL_OUTCOMES = (vessel) => [
  { id: "fill", look: "filled", name: "fills", sentence: `Water rushes in and fills the ${vessel} nearly to the end.` },
  {
    id: "part",
    look: "part-filled",
    name: "part-fills",
    sentence: `Water comes in, but a good part of the ${vessel} stays empty.`
  },
  { id: "nothing", look: "nothing", name: "nothing", sentence: "Hardly any water comes in." }
];

// core/catalogue/steam/rinse-inputs.ts
var RINSE_COEFFICIENTS = defineInputs([
  {
    id: "rinseContact",
    name: "how far a rinse warms the wall",
    kind: "quantity",
    quantity: "fraction",
    units: ["%", "%"],
    group: "coefficient",
    default: 0.7,
    range: [0.05, 1],
    usual: [0.3, 0.95],
    spread: { shape: "triangular", below: 0.25, above: 0.2 },
    source: "100 %: water and wall come to one temperature; a few seconds of shaking leave thick glass short of it; assumption"
  },
  {
    id: "filmSaturation",
    name: "how far the wet wall fills the gas with vapour",
    kind: "quantity",
    quantity: "fraction",
    units: ["%", "%"],
    group: "coefficient",
    default: 0.85,
    range: [0.1, 1],
    usual: [0.4, 1],
    spread: { shape: "triangular", below: 0.25, above: 0.15 },
    source: "100 %: saturated at the wall; cold room air falls in as the water leaves and has a second or two; assumption"
  }
]);

// core/catalogue/steam/bottle-fill/inputs.ts
var NECK_SPLASH = {
  default: ({ numbers: n }) => 4e3 * (0.036 / n.neckDiameter) * (0.036 / n.neckDiameter),
  usual: [500, 3e4],
  spread: { shape: "lognormal", relative: 1 },
  source: "Weber number at which half of it turns to drops: water that falls back on water splashes from some hundreds on (A. L. Yarin, Annu. Rev. Fluid Mech. 38 (2006) 159, order of magnitude); the plunge stirs it, and a thick column more than a thin one; assumption"
};
var inputs7 = defineInputs([
  ...ROOM_INPUTS,
  quantity("vesselVolume", { default: 7e-4, range: [5e-5, 5e-3], usual: [25e-5, 15e-4] }),
  quantity("vesselDiameter", { default: 0.08 }),
  quantity("vesselHeight", { default: 0.2 }),
  choice("glassKind"),
  quantity("wallThickness", {
    name: "glass thickness",
    default: 3e-3,
    range: [5e-4, 8e-3],
    usual: [15e-4, 5e-3],
    spread: { shape: "normal", relative: 0.15 }
  }),
  quantity("neckDiameter", { usual: [0.01, 0.05] }),
  ...quantities("neckLength"),
  quantity("waterCharge", {
    name: "water in the bottle",
    default: 3e-5,
    range: [2e-6, 2e-3],
    usual: [1e-5, 12e-5],
    lever: [-15e-6, 2e-5]
  }),
  quantity("chargeTemperature", { default: 273.15 + 60 }),
  choice("fillMethod", {
    choices: [...choice("fillMethod").choices, { id: "torch", name: "a gas torch on the glass" }]
  }),
  GLASS_STATE,
  quantity("heaterPower", { name: "flame or microwave", default: 800, usual: [200, 1500] }),
  quantity("heatingEfficiency", {
    default: ({ choices }) => choices.fillMethod === "microwave" ? 0.35 : 0.4,
    usual: [0.1, 0.7],
    source: "a few tens of millilitres take up about a third of a microwave's rated power, a litre nearly all of it; a flame under glass about 0.4; from memory"
  }),
  quantity("purgeTime", { default: 90, usual: [0, 240], lever: [-20, 20, 60] }),
  quantity("ovenTime"),
  blank(
    "ovenWait",
    "chip in it, waiting after the oven stops",
    "s",
    "heat",
    2,
    [0.5, 120],
    [1, 20],
    { shape: "lognormal", relative: 0.2 },
    { lever: [3, 10] }
  ),
  quantity("transferTime", { name: "from the heat, or emptied, into the water", default: 2, lever: [-1, 2, 5] }),
  {
    id: "stopperTime",
    name: "stoppered for",
    kind: "quantity",
    quantity: "time",
    units: ["s", "s"],
    group: "cooling",
    default: 0,
    range: [0, 1800],
    usual: [0, 60],
    spread: { shape: "lognormal", relative: 0.2 },
    lever: [10]
  },
  {
    id: "stopperPlace",
    name: "where it stands stoppered",
    kind: "choice",
    group: "cooling",
    default: "water",
    choices: [
      { id: "water", name: "mouth under water" },
      { id: "air", name: "in the air, on wood" }
    ]
  },
  quantity("bathTemperature", { default: 301.15, lever: [-10, 10] }),
  quantity("bathVolume", { default: 8e-3 }),
  quantity("mouthDepth", { default: 0.05 }),
  quantity("mouthClearance"),
  ...DIPPED_COEFFICIENTS.filter((i) => i.id !== "splashWeber"),
  quantity("splashWeber", NECK_SPLASH),
  ...quantities("plungeSpeed", "bathTransferFactor", "shockLimit", "slamLimit"),
  coefficient(
    "grip",
    "pull that the hand on it holds",
    "N",
    60,
    [1, 500],
    [20, 150],
    0.35,
    "a wet bottle in a cloth, from memory of grip and lift; assumption"
  ),
  coefficient(
    "blowLimit",
    "blow on the bowl that it bears",
    "J",
    2.5,
    [0.05, 100],
    [0.5, 10],
    0.5,
    "an empty bottle dropped half a metre on something hard often breaks: m g h of half a kilogram; a cloth in the bowl takes most of it; assumption"
  ),
  ...RINSE_COEFFICIENTS,
  {
    id: "pouringLoss",
    name: "how far boiling water cools in being poured",
    kind: "quantity",
    quantity: "temperatureDifference",
    units: ["K", "degF"],
    group: "coefficient",
    default: 5,
    range: [0.5, 40],
    usual: [1, 15],
    spread: { shape: "lognormal", relative: 0.4 },
    source: "kettle to bottle through a funnel; assumption"
  }
]);
var check6 = (values) => [
  ...capacityFits(
    values,
    enclosedVolume({ diameter: values.numbers.vesselDiameter, height: values.numbers.vesselHeight })
  ),
  ...bearsTheChill(values, "bathTemperature"),
  ...soundGlass(values),
  ...noTorch(values),
  ...belowBoiling(values, "chargeTemperature", "bathTemperature"),
  ...waterFits(values, "bottle"),
  ...atMost(values, "neckDiameter", "vesselDiameter", "the bottle's diameter"),
  ...glassWall(values)
];

// core/catalogue/steam/bottle-fill/outcomes.ts
var logged7 = {
  used: ["waterCharge", "purgeTime", "transferTime", "bathTemperature", "mouthDepth", "stopperTime"],
  seen: ["hush", "timeToFill", "waterDrawnIn", "timeToPlume"]
};
var results7 = [...DIPPED_RESULTS, ...steamResults("blowEnergy")];
var outcomes7 = [
  ...FILL_OUTCOMES("bottle"),
  { id: "crack", look: "harm", name: "cracks", sentence: "The glass cracks or breaks." }
];
var ledger5 = steamLedger("when water comes through the neck");
var sizes5 = (values, s) => sizesOf(s, crossSection(values.numbers.vesselDiameter), false).concat([
  {
    id: "pull",
    name: "pull on the bottle",
    value: s.results.peakPull,
    quantity: "force",
    units: ["N", "lbf"],
    note: "greatest difference \xD7 neck area: down, into the bowl"
  },
  {
    id: "jolt",
    name: "jolt in the hand",
    value: s.results.peakWallForce,
    quantity: "force",
    units: ["N", "lbf"],
    note: "momentum of the jet on the far end, at its fastest"
  },
  {
    id: "impulse",
    name: "push to take up",
    value: s.results.inflowImpulse,
    quantity: "impulse",
    units: ["N s", "lbf s"],
    note: "all the momentum that comes in"
  }
]);

// core/catalogue/steam/bottle-fill/procedure.ts
var at = (input) => ({ input });
var FILLED_BY = (choices) => choices.fillMethod === "flame" ? [
  " (",
  at("heaterPower"),
  ", of which ",
  at("heatingEfficiency"),
  " gets in): ",
  at("purgeTime"),
  " of boiling after the plume. Heat off."
] : choices.fillMethod === "microwave" ? [
  " (",
  at("heaterPower"),
  ", of which ",
  at("heatingEfficiency"),
  " gets in): ",
  at("ovenTime"),
  " in all; it rolls and rattles, the window fogs, water jumps. Oven off; wait ",
  at("ovenWait"),
  ", look for bubbles, then take it out."
] : ["."];
var onHeat3 = (choices) => choices.fillMethod === "flame" || choices.fillMethod === "microwave";
var shelf7 = [
  { step: "charge", kind: "vessel", shapes: ["bottle"], materials: ["glass"], capacity: [5e-5, 5e-3] },
  { step: "fill", kind: "heater", heaters: [...FLAME_OR_PLATE, "microwave"] },
  { step: "bath", kind: "bath" }
];
var procedure7 = [
  {
    id: "bath",
    parts: ["Fill a deep bowl with ", { input: "bathVolume" }, " of water at ", { input: "bathTemperature" }, "."]
  },
  {
    id: "charge",
    parts: ({ choices }) => [
      "Take a bottle of ",
      { input: "glassKind" },
      ", ",
      { input: "vesselVolume" },
      ": ",
      { input: "vesselDiameter" },
      " across, ",
      { input: "vesselHeight" },
      " tall, glass ",
      { input: "wallThickness" },
      ", neck ",
      { input: "neckDiameter" },
      " wide and ",
      { input: "neckLength" },
      " long, ",
      { input: "glassState" },
      ...onHeat3(choices) ? [
        ". In it ",
        { input: "waterCharge" },
        " of water at ",
        { input: "chargeTemperature" },
        " and a boiling chip."
      ] : ["."]
    ]
  },
  {
    id: "fill",
    hazards: ({ choices }) => choices.fillMethod === "flame" ? ["heat", "flame", "scald"] : ["heat", "scald"],
    marks: ["heat-on", "plume"],
    parts: ({ choices }) => ["Fill it with steam by ", { input: "fillMethod" }, ...FILLED_BY(choices)],
    duration: (s) => s.details.timeOfLifting > 0 ? s.details.timeOfLifting : void 0
  },
  {
    id: "turn",
    hazards: ["scald", "chilled-glass"],
    marks: ["lifted"],
    parts: [
      "Turn it over and have the mouth in the water within ",
      { input: "transferTime" },
      ", ",
      { input: "mouthDepth" },
      " under, ",
      { input: "mouthClearance" },
      " above the bottom."
    ],
    duration: (s) => s.details.sealing - s.details.timeOfLifting
  },
  {
    id: "open",
    hazards: ["glass-under-difference"],
    marks: ["sealed"],
    parts: ({ numbers: n }) => n.stopperTime > 0 ? [
      "Let it stand stoppered, ",
      { input: "stopperPlace" },
      ", for ",
      { input: "stopperTime" },
      "; then pull the stopper out under water."
    ] : ["Hold on with both hands (stoppered, ", { input: "stopperPlace" }, ": ", { input: "stopperTime" }, ")."],
    duration: (s) => s.results.timeToFill
  }
];
var kit7 = (values) => [
  "bottle of sound, unscratched glass, and spares",
  onHeat3(values.choices) ? values.choices.fillMethod === "microwave" ? "microwave and a wooden stick" : "burner or plate, with a heat spreader" : "kettle and funnel",
  "deep plastic bowl, a folded cloth on its bottom",
  "stopper that can be pulled under water",
  "cloth and heat-proof gloves",
  "goggles for all",
  "clock"
];
var ready2 = (values, s) => onHeat3(values.choices) ? readyFromPlan(bottleHeating(values), s, values.choices.fillMethod === "microwave") : {
  watch: [
    { sign: "The glass is too hot to hold at once after it is emptied.", worth: "it was warmed through" },
    { sign: "No cold draught over the mouth; turned over at once.", worth: "each second lets room air in" }
  ],
  earliest: 0,
  dryAt: void 0,
  lowFlame: void 0
};

// core/catalogue/steam/bottle-fill/drawing.ts
var drawing7 = (values, s, time) => steamScene(values, s, time, {
  shape: "bottle",
  closure: values.numbers.stopperTime > 0 ? "cap" : "mouth",
  cooling: "bath",
  heat: !onHeat3(values.choices) ? "" : values.choices.fillMethod === "microwave" ? "microwave" : "flame",
  diameter: values.numbers.vesselDiameter,
  height: values.numbers.vesselHeight,
  mouth: values.numbers.neckDiameter,
  neckLength: values.numbers.neckLength,
  mouthDepth: values.numbers.mouthDepth,
  bathVolume: values.numbers.bathVolume
});

// core/catalogue/steam/bottle-fill/teaching.ts
var teaching7 = {
  wrongIdea: {
    idea: "The bottle drinks: it sucks the water up.",
    answer: "The room pushes on the water in the bowl, and the water goes where less pushes back."
  },
  before: ["Will it fill to the top?", "What will stay in the bottle?"],
  after: ["What was left above the water?", "Why does a rinsed bottle only half fill?"],
  elsewhere: ["A dropper.", "A syringe.", "Drinking through a straw.", "Bottling plants that fill by vacuum."]
};
var why7 = (values, { results: r, outcome, details }) => {
  const lines = [
    say`${asShare(r.residualAirFraction)} of the gas is air when the mouth goes
      under${onHeat3(values.choices) ? "" : say`: rinsing warms the glass to ${asTemperature(details.overheat)} and lets
              room air in each time it is emptied`}.`
  ];
  if (r.hush !== void 0)
    lines.push(
      say`Water comes through the neck after ${asTime(r.hush)}; it is nearly as full as it gets after
        ${asTime(r.timeToFill)}, at up to ${asSpeed(r.peakInflowSpeed)} in the neck. Each splash of cold water
        condenses more steam, which pulls nothing: it only stops pushing back.`
    );
  if (outcome === "part")
    lines.push("The air left inside is squeezed to the pressure of the room and keeps the rest of the bottle empty.");
  if (outcome === "crack")
    lines.push(
      r.glassChill > values.numbers.shockLimit ? "The glass is too hot for water this cold." : r.blowEnergy > values.numbers.blowLimit ? say`The room pulls it out of the hand with up to ${asForce(r.peakPull)}; it hits the bowl.` : "The water stops so short at the far end that the blow may break the glass."
    );
  if (values.numbers.mouthClearance < values.numbers.neckDiameter / 4)
    lines.push("The rim is so close to the bottom that the gap throttles the flow: lift it.");
  return lines;
};
var explanation7 = (_values, { results: r }) => [
  {
    from: 7,
    text: "The bottle was full of steam. Cold water turned the steam into drops, and then the air pressing on the water in the bowl pushed it up into the bottle."
  },
  {
    from: 11,
    text: "Steam takes up over a thousand times more room than the water it came from. When it condenses almost nothing is left inside, and the air outside pushes water in. Nothing sucks."
  },
  {
    from: 14,
    text: say`${asShare(r.residualAirFraction)} of the gas was air, which does not condense: about that share of
      the bottle stays empty. The water reached ${asSpeed(r.peakInflowSpeed)}.`
  },
  {
    from: 16,
    text: say`Without friction a difference Δp drives water at √(2Δp/ρ), at most ${asSpeed(14)} from a whole
      atmosphere (Torricelli). The water's own inertia in the neck takes time to speed up; the jet condenses steam
      on contact, which keeps the pressure low: a runaway. It ends with a blow of about
      ${asPressure(r.slamPressure)} (Joukowsky) where no air cushions it.`
  }
];

// core/catalogue/steam/bottle-fill/index.ts
var bottleFill = defineDemonstration({
  id: "bottle-fill",
  name: "Bottle that drinks",
  summary: "A glass bottle full of steam, mouth down in cold water: it fills in a blink.",
  noun: ["bottle", "bottles"],
  people: { performs: 18, watches: 9 },
  gates: gates7,
  cautions: cautions7,
  afterFailure: afterFailure7,
  gallery: {
    family: "steam",
    effect: "The bottle is full before the eye can follow, with a thud in the hand.",
    topics: ["condensation", "air pressure", "particle model", "change of state"],
    ages: [9, 18]
  },
  hushWords: { inside: "air in the bottle", strength: "" },
  suspects: GLASS_SUSPECTS,
  wanted: "fill",
  columns: COLUMNS3,
  simulate: simulate7,
  inputs: inputs7,
  check: check6,
  logged: logged7,
  results: results7,
  outcomes: outcomes7,
  ledger: ledger5,
  sizes: sizes5,
  shelf: shelf7,
  procedure: procedure7,
  kit: kit7,
  ready: ready2,
  drawing: drawing7,
  teaching: teaching7,
  why: why7,
  explanation: explanation7
});

// core/catalogue/motion/planned-only.ts
var WORST_RISE = 8;
var BURNT_GAMMA = 1.25;
var LN_102 = 2.302585092994046;
function pulseLevel(energy, share, duration, distance) {
  const power = energy * share / duration;
  const intensity = power / (4 * Math.PI * distance * distance);
  return 10 * ln(Math.max(intensity, 1e-12) / 1e-12) / LN_102;
}
var FUEL_TEACHING = {
  wrongIdea: {
    idea: "Fuel itself explodes.",
    answer: "Only the right mixture of vapour and air burns in an instant. It is the hot gas that needs more room and pushes."
  },
  before: ["What will push?", "Where would you stand, and why there?", "What must be in the air for it to burn?"],
  after: [
    "Why was there a bang?",
    "Where did the water drops inside come from?",
    "Why can it not be done again at once?"
  ],
  elsewhere: [
    "An engine\u2019s cylinder.",
    "Flour dust in a mill.",
    "A gas heater that lights late.",
    "A popping cork, without fire."
  ]
};
var OPEN_QUESTION = "What is mixed, and how, is not part of this plan: it stands in the school\u2019s own written assessment, made by trained staff.";
var BURNS_IN = defineInput({
  id: "burnsIn",
  name: "burns in",
  kind: "choice",
  group: "load",
  default: "air",
  choices: [
    { id: "air", name: "air" },
    { id: "oxygen", name: "oxygen" }
  ]
});
var noOxygen = ({ choices }) => choices.burnsIn === "oxygen" ? [
  {
    input: "burnsIn",
    message: 'given "oxygen"; refused: with oxygen it detonates, and vessel and lid become splinters; accepted: air'
  }
] : [];

// core/catalogue/motion/fuel-failure.ts
var MISFIRE_MINUTES = 5;
var fuelFailure = (what, change) => [
  standBack("Nobody approaches or looks into it: treat it as live."),
  heatOff("Every flame out, from where one stands."),
  wait(`Wait ${MISFIRE_MINUTES} minutes.`),
  pressureOff(
    `One adult, face shield and gloves, from the side, opens ${what} at arm\u2019s length with a tool, pointing at nobody.`
  ),
  near("Air it outdoors, away from flames; wet blanket at hand."),
  next(change)
];

// core/catalogue/motion/bottle-line/cautions.ts
var gates8 = [
  {
    step: "line",
    text: "Written assessment signed; trained staff only; a bottle made for fizzy drinks, new, never used before; line closed off on both sides and at its end.",
    guards: ["fuel", "projectile", "pressure", "flame"]
  },
  { step: "go", text: "Eye and ear protection on; nobody behind the cap, in the line or at its end.", guards: [] }
];
var cautions8 = ({ numbers: n }, _s, risk) => applying(
  fuelMixture("line"),
  pressurised(atWorst(risk, "peakPressureDifference"), n.pressureRating, "line"),
  projectile(
    "the bottle",
    atWorst(risk, "topSpeed"),
    atWorst(risk, "runLength"),
    n.bottleMass * atWorst(risk, "topSpeed") * atWorst(risk, "topSpeed") / 2,
    "line",
    " along the line and off its end"
  ),
  bang(atWorst(risk, "levelFirstRow"), "go")
);
var afterFailure8 = (_values, _s, _risk, outcome) => fuelFailure(
  "the bottle\u2019s cap",
  outcome === "over" ? "Not with this bottle: the pressure was over its limit; a wider hole, or not at all." : "A new bottle; a shorter line. The used one is softened and goes away for good."
);

// core/catalogue/motion/bottle-line/simulate.ts
var COLUMNS7 = [
  ...GAS_COLUMNS,
  { id: "place", name: "along the line", quantity: "length" },
  { id: "speed", name: "speed", quantity: "speed" }
];
var CONTRACTION = 0.7;
var BOTTLE_DRAG = 0.35;
var SPENT = 1e-3;
var LONGEST3 = 30;
var RUSH = 400;
function simulate8(values, detail, refinement = 1) {
  const n = values.numbers;
  const outside = n.stationPressure;
  const temperature = n.airTemperature;
  const density = outside / (AIR_GAS_CONSTANT * temperature);
  const vent = ballArea(n.ventDiameter);
  const rows = detail === "trace" ? new TraceRows(COLUMNS7) : void 0;
  const closedRise = n.pressureRise * outside;
  const mass = n.bottleMass;
  const gaugeOf = (s) => Math.max(0, s[LINE.inner]);
  const effective = CONTRACTION * vent;
  const hot = n.leavingTemperature;
  const hotOf = (gauge) => temperature + (hot - temperature) * Math.min(1, gauge / Math.max(0.1 * closedRise, 1));
  const inner = {
    start: [0],
    scale: [0.01 * closedRise],
    dependsOnTime: true,
    rates: (time2, s, slope) => {
      const gauge = gaugeOf(s);
      const out = nozzleFlow(effective, outside + gauge, hot, outside) * AIR_GAS_CONSTANT * hot;
      slope[LINE.inner] = (time2 < n.burnTime ? closedRise / n.burnTime : 0) - BURNT_GAMMA * out / n.bottleVolume;
    }
  };
  const ended = runAlong(
    {
      inner,
      // Momentum of the jet: choked or not, within a tenth of 2 C A Δp at these pressures, less as the jet chokes.
      thrust: (s) => 2 * effective * gaugeOf(s) / (1 + 0.25 * gaugeOf(s) / outside),
      slope: 0,
      friction: () => n.lineFriction * mass * GRAVITY,
      inertia: () => mass,
      drag: () => 0.5 * density * BOTTLE_DRAG * ballArea(n.bottleDiameter),
      length: n.lineLength,
      longest: LONGEST3,
      turns: [n.burnTime],
      spent: (s, time2) => time2 > n.burnTime && gaugeOf(s) < SPENT * closedRise,
      peaks: [{ id: "gauge", value: (_, s) => s[LINE.inner] }]
    },
    stepTolerance(detail, refinement),
    rows && ((time2, s) => rows.add(time2, {
      pressure: outside + gaugeOf(s),
      gasTemperature: hotOf(gaugeOf(s)),
      airMass: (outside + gaugeOf(s)) * n.bottleVolume / (AIR_GAS_CONSTANT * hot),
      steamMass: 0,
      place: s[LINE.place],
      speed: s[LINE.speed]
    }))
  );
  const { time, fastest, arrived: reached } = ended;
  const [place, speed, impulse] = [ended.state[LINE.place], ended.state[LINE.speed], ended.state[LINE.impulse]];
  const peakGauge = Math.max(ended.peaks.gauge, 0);
  const fall = n.bottleVolume / (effective * RUSH);
  const share = peakGauge / n.pressureRating;
  return {
    results: {
      runLength: Math.min(place, n.lineLength),
      topSpeed: fastest,
      runTime: time,
      ...reached && { hush: time, arrivalSpeed: speed, arrivalEnergy: mass * speed * speed / 2 },
      impulse,
      peakPressureDifference: peakGauge,
      ratingShare: share,
      levelFirstRow: pulseLevel(peakGauge * n.bottleVolume * 4, n.soundShare, 0.1, n.firstRow)
    },
    events: reached ? [{ id: "end", name: "at the end", time }] : [],
    outcome: share > 1 ? "over" : reached ? "arrives" : "short",
    details: {
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      difference: peakGauge,
      ...reached && { goneAt: time }
    },
    trace: rows && (() => {
      rows.stage("hush", "burning", Math.min(time, n.burnTime + 3 * fall));
      rows.stage("after", "run", time);
      return rows.finish();
    })()
  };
}

// core/catalogue/motion/bottle-line/inputs.ts
var GUIDE = defineInput({
  id: "guide",
  name: "guided",
  kind: "choice",
  group: "vessel",
  default: "line",
  choices: [
    { id: "line", name: "along a line" },
    { id: "free", name: "freely" }
  ]
});
var RICHER = 3.4;
var QUICKER = 0.6;
function check7(values) {
  const { choices, numbers: n } = values;
  const faults = [
    ...choices.bottleKind === "fizzy" ? [] : [
      {
        input: "bottleKind",
        message: `given "${choices.bottleKind}"; accepted: fizzy: only bottles made for fizzy drinks hold pressure; others burst`
      }
    ],
    ...noOxygen(values),
    ...choices.guide === "free" ? [
      {
        input: "guide",
        message: 'given "free"; refused: a burning bottle that flies freely hits people; accepted: line'
      }
    ] : []
  ];
  if (faults.length > 0) return faults;
  const worst = { ...n, pressureRise: Math.min(WORST_RISE, n.pressureRise + RICHER), burnTime: QUICKER * n.burnTime };
  const share = simulate8({ choices, numbers: worst }, "summary").results.ratingShare;
  return share <= 1 ? [] : [
    {
      input: "ventDiameter",
      message: say`given ${asLength(n.ventDiameter)}; refused: one mixture in a hundred would build up
            ${asPressure(share * n.pressureRating, { digits: 4 })} or more, over the stated limit of
            ${asPressure(n.pressureRating, { digits: 4 })}; accepted: a hole wide enough to stay under it, or a
            bottle that bears more`
    }
  ];
}
var inputs8 = defineInputs([
  ...ROOM_INPUTS,
  {
    id: "bottleKind",
    name: "bottle",
    kind: "choice",
    group: "vessel",
    default: "fizzy",
    choices: [
      { id: "fizzy", name: "bottle made for fizzy drinks" },
      { id: "still", name: "bottle for still drinks" },
      { id: "glass", name: "glass bottle" }
    ]
  },
  BURNS_IN,
  GUIDE,
  blank("bottleVolume", "it holds", "mL", "vessel", 5e-4, [2e-5, 5e-4], [1e-4, 5e-4], 0.01),
  blank("bottleDiameter", "across", "cm", "vessel", 0.065, [0.02, 0.2], [0.04, 0.1], 0.01),
  blank("bottleMass", "with hooks", "g", "vessel", 0.03, [5e-3, 0.5], [0.015, 0.08], 0.03),
  blank("ventDiameter", "hole in the cap", "mm", "vessel", 8e-3, [2e-3, 0.03], [4e-3, 0.022], 0.03, {
    lever: [-2e-3, 4e-3]
  }),
  blank("pressureRating", "stated limit", "kPa", "vessel", 4e5, [5e4, 1e6], [2e5, 6e5], 0),
  blank("lineLength", "line", "m", "load", 10, [1, 60], [4, 20], 0.01, { lever: [-4, 5] }),
  blank("firstRow", "first row from the line", "m", "load", 4, [1, 50], [2, 12], 0.02),
  coefficient(
    "pressureRise",
    "overpressure it could reach closed, of the room\u2019s",
    "1",
    3,
    [0.2, WORST_RISE],
    [1, WORST_RISE],
    { shape: "triangular", below: 2, above: 4 },
    "closed and well mixed 7 (NFPA 68); a poor mixture less"
  ),
  coefficient(
    "burnTime",
    "it burns within",
    "s",
    0.06,
    [0.01, 2],
    [0.03, 0.4],
    0.35,
    "a flame of 3 to 5 m/s running the length of a bottle; assumption"
  ),
  coefficient(
    "leavingTemperature",
    "gas that leaves through the hole",
    "degC",
    700,
    [280, 2500],
    [350, 1800],
    { shape: "lognormal", relative: 0.35 },
    "burnt and unburnt gas together, between a flame and the room; the colder, the more pressure builds up; assumption"
  ),
  coefficient(
    "lineFriction",
    "friction on the line",
    "%",
    0.25,
    [0.02, 2],
    [0.1, 0.6],
    0.25,
    "plastic or wire hooks on nylon; assumption"
  ),
  coefficient(
    "soundShare",
    "share of the energy that becomes sound",
    "%",
    1e-4,
    [1e-7, 0.05],
    [1e-5, 5e-3],
    0.7,
    "a whoosh, less than a bang; assumption"
  )
]);

// core/catalogue/motion/bottle-line/outcomes.ts
var logged8 = { used: ["bottleVolume", "ventDiameter"], seen: ["runLength", "runTime"] };
var results8 = [
  result("runLength", "runs", "m"),
  result("runTime", "in", "s"),
  result("topSpeed", "fastest", "m/s"),
  result("arrivalSpeed", "arrives with", "m/s"),
  result("arrivalEnergy", "energy at the end", "J"),
  result("impulse", "push in all", "N s"),
  result("peakPressureDifference", "greatest pressure difference", "kPa"),
  result("ratingShare", "of the stated limit", "%"),
  result("levelFirstRow", "noise at the first row", "dB"),
  result("hush", "to the end of the line", "s", HUSH)
];
var outcomes8 = [
  { id: "arrives", look: "gone", name: "runs to the end", sentence: "The bottle runs to the end of the line." },
  { id: "short", look: "partly", name: "stops on the way", sentence: "The bottle stops on the way." },
  { id: "over", look: "harm", name: "is over the bottle\u2019s limit", sentence: "The bottle could burst." }
];
var ledger6 = ({ details: d }) => ({
  moment: "at its greatest: a negative difference is more inside than outside",
  difference: -d.difference,
  rows: [
    { id: "cooling", cause: "hot gas that wants more room, less what the hole lets out", pressure: -d.difference }
  ]
});
var sizes6 = (_values, s) => [
  {
    id: "peak",
    name: "over the room at most",
    value: s.results.peakPressureDifference,
    quantity: "pressure",
    units: ["kPa", "psi"],
    note: "with this hole"
  },
  ...s.results.arrivalEnergy === void 0 ? [] : [
    {
      id: "arrivalEnergy",
      name: "energy at the end",
      value: s.results.arrivalEnergy,
      quantity: "energy",
      units: ["J", "ft lbf"],
      note: "into the padded stop"
    }
  ]
];

// core/catalogue/motion/bottle-line/procedure.ts
var shelf8 = [];
var procedure8 = [
  {
    id: "line",
    hazards: ["fuel", "pressure"],
    parts: [
      "Stretch a line of ",
      { input: "lineLength" },
      " with a padded stop at its end, first row ",
      { input: "firstRow" },
      " from it. Hang a ",
      { input: "bottleKind" },
      " (",
      { input: "bottleVolume" },
      ", ",
      { input: "bottleDiameter" },
      " across, ",
      { input: "bottleMass" },
      "; good for ",
      { input: "pressureRating" },
      "), hole in the cap ",
      { input: "ventDiameter" },
      "; it runs ",
      { input: "guide" },
      " and burns in ",
      { input: "burnsIn" },
      ". ",
      OPEN_QUESTION
    ]
  },
  {
    id: "go",
    hazards: ["fuel", "projectile"],
    marks: ["sealed"],
    parts: ["By the school\u2019s own written steps, from the side, at arm\u2019s length, on a count."],
    duration: (s) => s.results.runTime
  },
  { id: "air", parts: ["Bottle away for good: once used it is softened. No second try with the same bottle."] }
];
var kit8 = () => [
  say`bottle of ${asVolume(5e-4)} for fizzy drinks, new`,
  "cap with its hole",
  "nylon line and two strong points",
  "padded stop",
  "hooks",
  "eye and ear protection",
  "fire blanket and extinguisher",
  "barrier tape",
  "the signed assessment"
];

// core/catalogue/motion/bottle-line/drawing.ts
var drawing8 = (values, s, time) => {
  const n = values.numbers;
  const [place, speed, pressure] = ["place", "speed", "pressure"].map((c) => valueAt(s.trace, c, time));
  const l = n.lineLength;
  const tall = 0.13 * l;
  const y = 0.17 * l;
  const form = bottle(0, 0, { diameter: tall * 0.32, height: tall, neck: tall * 0.12, neckLength: tall * 0.15 });
  const x = -l / 2 + place * (1 - 0.13);
  const lying = form.map(([a, b]) => [x + tall - b, y - 0.03 * l + a]);
  const shapes = [
    {
      kind: "body",
      points: [
        [-l / 2, y],
        [l / 2, y]
      ],
      stuff: "ink",
      open: true,
      thick: 1.5
    },
    ...[-1, 1].map((side) => ({
      kind: "body",
      points: [
        [side * l / 2, 0],
        [side * l / 2, y * 1.2]
      ],
      stuff: "metal",
      open: true,
      thick: 4
    })),
    { kind: "gas", points: lying, air: 0.5, vapour: Math.min(1, 0.5 * (pressure / n.stationPressure - 1)) },
    { kind: "body", points: lying, stuff: "glass", open: true, thick: 2 },
    ...pressure > n.stationPressure * 1.01 ? [{ kind: "push", stuff: "inside-air", from: [x, y - 0.03 * l], to: [x - 0.08 * l, y - 0.03 * l] }] : [],
    {
      kind: "note",
      at: [0, y * 1.6],
      anchor: "middle",
      stuff: "ink",
      said: [said(speed, "speed", "m/s", "mph"), "   inside ", kPa(pressure), "   outside ", kPa(n.stationPressure)]
    }
  ];
  return {
    frame: { left: -0.58 * l, right: 0.56 * l, bottom: 0, top: y * 1.9 },
    shapes,
    caption: ["Bottle drawn larger than to scale. ", said(place, "length", "m", "ft"), " along the line."]
  };
};

// core/catalogue/motion/bottle-line/teaching.ts
var why8 = (values, s) => [
  say`The hole lets out while it burns: ${asPressure(s.results.peakPressureDifference)} over the room at most,
    ${asShare(s.results.ratingShare)} of the stated limit. The jet gives the bottle
    ${asSpeed(s.results.topSpeed)}.`,
  say`A smaller hole than ${asLength(values.numbers.ventDiameter)} is more dangerous: the pressure has nowhere to
    go.`,
  OPEN_QUESTION
];
var advice2 = (_values, s, risk) => [
  {
    text: s.results.arrivalEnergy === void 0 ? "Shorter line, or it stops under way." : say`It arrives with at most ${asEnergy(atWorst(risk, "arrivalEnergy"))} in 99 of 100: pad the stop, and
          nobody within ${asLength(2)} of it.`
  },
  {
    text: "Places: presenter beside the start, never behind the cap nor in the line; helper with blanket and extinguisher at the far end, to the side; somebody at the door; everybody else beyond the barrier."
  }
];
var explanation8 = (_values, s) => [
  {
    from: 7,
    text: "The air in the bottle gets hot all at once and rushes out of the little hole. That pushes the bottle the other way."
  },
  {
    from: 11,
    text: say`Hot gas leaves backwards, the bottle goes forwards: ${asSpeed(s.results.topSpeed)} at
    most.`
  },
  {
    from: 14,
    text: say`Momentum: what the gas carries off backwards, the bottle has forwards.
      ${asPressure(s.results.peakPressureDifference)} behind a small hole are enough.`
  },
  {
    from: 16,
    text: "Burning rate against outflow through the hole sets the pressure: p\u0302 \u2248 \u0394p_closed/(1 + t_burn/t_vent). Thrust 2 C A \u0394p, a little less as the jet chokes. Water vapour is among the products: look for the dew."
  }
];

// core/catalogue/motion/bottle-line/index.ts
var bottleLine = defineDemonstration({
  id: "bottle-line",
  name: "Bottle on a line",
  summary: "Burning vapour drives a bottle along a line. Planned here: places, limits, distances; no recipe.",
  noun: ["bottle", "bottles"],
  people: { performs: 18, watches: 11 },
  gates: gates8,
  cautions: cautions8,
  afterFailure: afterFailure8,
  gallery: {
    family: "motion",
    effect: "A bottle shoots along a line with a blue flash and a whoosh.",
    topics: ["combustion", "motion", "energy"],
    ages: [11, 18]
  },
  hushWords: { inside: "gas in the bottle", strength: "" },
  wanted: "arrives",
  columns: COLUMNS7,
  check: check7,
  simulate: simulate8,
  teaching: FUEL_TEACHING,
  inputs: inputs8,
  logged: logged8,
  results: results8,
  outcomes: outcomes8,
  ledger: ledger6,
  sizes: sizes6,
  shelf: shelf8,
  procedure: procedure8,
  kit: kit8,
  drawing: drawing8,
  why: why8,
  advice: advice2,
  explanation: explanation8
});

// core/catalogue/steam/can-plunge/cautions.ts
var gates9 = [
  {
    step: "heat",
    text: "Goggles on for whoever is near; hair and sleeves back; heater on something that does not burn, its way to the bowl clear.",
    guards: ["heat", "flame"]
  },
  {
    step: "lift",
    text: "Everyone behind the line, goggles on, path from heater to bowl clear.",
    guards: ["scald", "vacuum"]
  }
];
function cautions9({ numbers: n }, { results: results28, details }, risk) {
  return applying(
    scald(n.bathTemperature, n.bathVolume, "bath", "The bath", "scald-bath"),
    wetFloor(n.bathVolume, "bath"),
    heavy("The bowl, full", 1e3 * n.bathVolume + n.iceMass, "bath"),
    scald(n.chargeTemperature, n.waterCharge, "charge", "Water poured in", "scald-kettle"),
    hotSurface(
      Math.max(details.overheat ?? 0, results28.boilingTemperature),
      "heat",
      "Heater and can stay hot after use"
    ),
    burnerGas("heat", n.heaterPower > 4e3),
    boilingDry(dryMargin({ results: results28, details }), details.overheat, "purge", risk.dry),
    scald(results28.boilingTemperature, n.waterCharge, "lift"),
    {
      id: "splash",
      step: "plunge",
      severity: risk.share("crush") > HARM_RAISES ? "raised" : "usual",
      covers: ["scald", "vacuum"],
      hazard: "Hot water falls out as it turns and cold water may splash; the bang startles.",
      control: say`Deep bowl on a tray, first row back ${asLength(1)}, everyone told that a bang may come.`
    },
    sharpFolds("plunge"),
    n.vesselVolume > 1e-3 ? {
      id: "vessel-large",
      step: "plunge",
      severity: "raised",
      covers: ["vacuum", "load"],
      hazard: say`A large can: the air presses on its surface with ${asForce(results28.outsideForce)} in all.`,
      control: "Screen, larger distance, two people who have rehearsed the lift."
    } : void 0
  );
}
var afterFailure9 = (_values, _simulation, _risk, outcome) => [
  wait("Leave it in the water for ten seconds: it may still fill or give way."),
  heatOff("Heater off."),
  pressureOff(
    "Tilt it with tongs until its mouth comes out of the water, away from you: air goes in, hot water may come out."
  ),
  wait("Let it cool in the bowl."),
  near("Then tip it out over the bowl, gloves on, and look inside."),
  next(
    {
      fill: "Much water in it: it filled faster than it was pressed. A longer boil, colder water, or its mouth less deep.",
      both: "It gave way a little and filled: a longer boil drives more air out.",
      dent: "It gave way late and stopped early: a longer boil, or a quicker turn."
    }[outcome] ?? "Hardly any water in it: it held mostly air. Boil on longer, or be quicker to the bowl."
  ),
  next("A can that has been on the heat twice is soft and lacquer-free: take a fresh one for the next try.")
];

// core/catalogue/steam/can-plunge/drawing.ts
function drawing9(values, simulation, time) {
  const n = values.numbers;
  return steamScene(values, simulation, time, {
    shape: "cylinder",
    closure: "mouth",
    cooling: "bath",
    heat: "flame",
    diameter: n.vesselDiameter,
    height: n.vesselHeight,
    mouth: n.mouthDiameter,
    mouthDepth: n.mouthDepth,
    bathVolume: n.bathVolume
  });
}

// core/catalogue/steam/can-plunge/inputs.ts
var inputs9 = defineInputs([
  ...ROOM_INPUTS,
  ...quantities("vesselVolume", "vesselDiameter", "vesselHeight"),
  choice("wallMaterial"),
  ...quantities("wallThickness", "mouthDiameter"),
  choice("vesselCondition"),
  quantity("waterCharge", { name: "water in the can" }),
  ...quantities("chargeTemperature", "heaterPower"),
  quantity("heatingEfficiency", { name: "share of the heat that gets into the can" }),
  ...quantities("purgeTime", "transferTime", "bathTemperature", "bathVolume", "iceMass", "mouthDepth", "restedCount"),
  ...quantities(
    "purgeMixing",
    "plumeVapourFraction",
    "heaterLimit",
    "uprightShare",
    "poolRetained",
    "plungeSpeed",
    "airLayerFactor",
    "bathTransferFactor",
    "jetStanton",
    "sprayContact",
    "splashWeber",
    "surfaceConductance",
    "knockDown",
    "residualLoad",
    "packingStiffness",
    "entryLoss",
    "mouthPassage"
  )
]);
var check8 = (values) => [
  ...capacityFits(
    values,
    enclosedVolume({ diameter: values.numbers.vesselDiameter, height: values.numbers.vesselHeight })
  ),
  ...belowBoiling(values, "chargeTemperature", "bathTemperature"),
  ...waterFits(values, "can"),
  ...atMost(values, "mouthDiameter", "vesselDiameter", "the can's diameter"),
  ...atMost(values, "mouthDepth", "vesselHeight", "the can's height"),
  ...thinWall(values, values.numbers.vesselDiameter)
];

// core/catalogue/steam/capped.ts
var CRUSHED = 0.25;
var VISIBLE = 0.02;
var packingAbove = (empty, water, capacity) => empty * Math.max(0.02, 1 - water / (1e3 * capacity));
function runCapped(capped, detail, refinement, outcome, recorder) {
  const { plan: plan3, filled, gas, cooling, surface, soft, talkAt, longest, coolDelay } = capped;
  const { room } = plan3;
  const tolerance = stepTolerance(detail, refinement);
  const system = new CoolingVessel(cooling, detail === "trace");
  const state3 = coolingStart(system, filled, gas);
  recorder?.beginCooling(filled.sealing, system);
  const ended = coolSealed(system, state3, { tolerance, soft, longest, coolDelay, talkAt, record: recorder?.cooling });
  const talkTime = ended.talk;
  const coolest = cooling.coolant.area > 0 ? cooling.coolant.temperature : room.temperature;
  const volumeLost = Math.max(0, state3[COOLING.lost]);
  let giveUpTime;
  if (ended.hush === void 0) giveUpTime = ended.noMore;
  else if (detail === "trace") {
    const unbreakable = new CoolingVessel(
      { ...cooling, strength: { ...cooling.strength, criticalDifference: 1e9 } },
      false
    );
    giveUpTime = Math.max(
      ended.hush,
      coolSealed(unbreakable, coolingStart(unbreakable, filled, gas), {
        tolerance: stepTolerance("summary", refinement),
        longest,
        coolDelay
      }).noMore
    );
  }
  const results28 = {
    ...resultsAtSeal(plan3, filled, gas, coolest),
    ...forcesOf(surface, room.pressure, ended.peakDifference),
    criticalPressureDifference: cooling.strength.criticalDifference,
    volumeLost,
    ...ended.hush !== void 0 && { hush: ended.hush },
    ...talkTime !== void 0 && { talkTime },
    ...giveUpTime !== void 0 && { giveUpTime }
  };
  const at4 = (time) => time === void 0 ? void 0 : filled.sealing + time;
  const events = new EventList(capped.names).addHeating(filled).add("talk", at4(talkTime)).add("critical", at4(ended.hush)).add("peak", at4(ended.timeOfPeak));
  const simulation = {
    results: results28,
    events: events.sorted(),
    outcome: outcome(results28),
    details: {
      ...detailsAtSeal(plan3, filled),
      timeOfPeak: filled.sealing + ended.timeOfPeak,
      pool: cooling.pool,
      bathTemperature: cooling.coolant.temperature,
      ...ended.hush !== void 0 && { goneAt: filled.sealing + ended.hush }
    }
  };
  return { ...simulation, ...recorder && { trace: recorder.finish(simulation) } };
}
var crushOutcome = (stands) => ({ volumeLost, hush }) => volumeLost >= CRUSHED ? "crush" : volumeLost >= VISIBLE || hush !== void 0 ? "dent" : stands;

// core/catalogue/steam/can-plunge/outcomes.ts
var MOSTLY = 0.5;
var outcomes9 = [
  { id: "crush", look: "gone", name: "crushes", sentence: "The can is squashed flat or badly crumpled, with a bang." },
  {
    id: "dent",
    look: "partly",
    name: "dents",
    sentence: "A side buckles in and stays dented, but the can keeps most of its shape."
  },
  {
    id: "both",
    look: "part-filled",
    name: "crumples and fills",
    sentence: "The can crumples a little, and is mostly full of water when it is lifted out."
  },
  {
    id: "fill",
    look: "filled",
    name: "fills",
    sentence: "The can keeps its shape and is mostly full of water when it is lifted out."
  },
  {
    id: "nothing",
    look: "nothing",
    name: "nothing",
    sentence: "Nothing to see: it keeps its shape and holds little water."
  }
];
function outcomeOf(lost, drawnIn, capacity) {
  if (lost >= CRUSHED) return "crush";
  const full = drawnIn >= MOSTLY * capacity * (1 - lost);
  if (lost >= VISIBLE) return full ? "both" : "dent";
  return full ? "fill" : "nothing";
}
var results9 = steamResults(
  "boilingTemperature",
  "timeToBoil",
  "timeToPlume",
  "timeToDry",
  "waterLeft",
  "residualAirFraction",
  "steamMass",
  "criticalPressureDifference",
  "peakPressureDifference",
  "floorPressure",
  "outsideForce",
  "peakNetForce",
  "hush",
  "waterDrawnIn",
  "volumeLost",
  "bathTemperatureAfter"
);
var logged9 = {
  used: ["waterCharge", "purgeTime", "transferTime", "bathTemperature", "mouthDepth", "heaterPower"],
  seen: ["hush", "waterDrawnIn", "timeToBoil", "timeToPlume", "bathTemperatureAfter"]
};
var ledger7 = steamLedger("when the wall gives way");
var sizes7 = (values, simulation) => sizesOf(
  simulation,
  Math.max(crossSection(values.numbers.vesselDiameter), values.numbers.vesselDiameter * values.numbers.vesselHeight),
  true
);

// core/catalogue/steam/water-window.ts
var WAIT = 60;
var STEAM_SPACE = 0.6;
var state = new Float64Array(5);
function waterWindowOf(plan3, waterCharge, patience = 300) {
  const density = plan3.charge / waterCharge;
  const bySpace = plan3.vessel.capacity * (1 - STEAM_SPACE) * density;
  const survives = (charge) => {
    const heated = heat({ ...plan3, charge }, state, 0.01);
    return heated.timeToDry === void 0 || heated.timeToPlume === void 0 ? !heated.boiledDry : heated.timeToDry > heated.timeToPlume + plan3.purgeTime + WAIT;
  };
  const inTime = (charge) => {
    const { timeToPlume } = heat({ ...plan3, charge }, state, 0.01);
    return timeToPlume !== void 0 && timeToPlume <= patience;
  };
  const least = boundary(1e-4, bySpace, (charge) => !survives(charge));
  const byTime = boundary(least, bySpace, inTime);
  return {
    least,
    most: Math.min(byTime, bySpace),
    mostLimit: byTime < bySpace ? "time" : "space",
    wait: WAIT,
    patience,
    steamSpace: STEAM_SPACE
  };
}
function boundary(low, high, holds) {
  if (!holds(low)) return low;
  if (holds(high)) return high;
  let [a, b] = [low, high];
  while (b - a > 5e-3 * b) {
    const middle = Math.sqrt(a * b);
    if (holds(middle)) a = middle;
    else b = middle;
  }
  return a;
}

// core/catalogue/steam/repeats.ts
function loadOf({ solid, wallThickness, upperArea, crossSection: crossSection2 }, at4) {
  return {
    hotMetal: solid.density * solid.specificHeat * wallThickness * (upperArea + crossSection2),
    metalTemperature: at4.wall,
    hotWater: at4.water,
    waterTemperature: at4.liquid,
    steam: at4.steam,
    steamTemperature: quickSaturationTemperature(at4.roomPressure)
  };
}
function bathAfterMany({ numbers: n }, one, temperature, count2) {
  return bathAfter({
    ...one,
    temperature,
    water: n.bathVolume * quickLiquidDensity(Math.min(temperature, 372)),
    ice: n.iceMass,
    hotMetal: one.hotMetal * count2,
    hotWater: one.hotWater * count2,
    steam: one.steam * count2
  });
}
var repeatsOf = (values, load, temperature, count2) => Array.from({ length: count2 }, (_, before) => {
  const bath = bathAfterMany(values, load, temperature, before);
  return { number: before + 1, bathTemperature: bath.temperature, iceLeft: bath.ice };
});
var repeatsInPool = (vesselOf2) => (values, { details: d, results: r }, count2) => {
  const load = loadOf(vesselOf2(values), {
    wall: d.wallAtSeal,
    liquid: d.liquidAtSeal,
    water: r.waterLeft,
    steam: r.steamMass,
    roomPressure: d.stationPressure
  });
  return repeatsOf(values, load, values.numbers.bathTemperature, count2);
};

// core/catalogue/steam/can-plunge/simulate.ts
function vesselOf({ numbers: n, choices }) {
  return cylinderVessel(
    {
      capacity: n.vesselVolume,
      diameter: n.vesselDiameter,
      height: n.vesselHeight,
      wallThickness: n.wallThickness,
      mouthDiameter: n.mouthDiameter
    },
    SOLIDS[choices.wallMaterial]
  );
}
var heatingOf = (values) => heatingPlan(values, vesselOf(values));
function untilSealed(values, tolerance, recorder) {
  const n = values.numbers;
  const plan3 = heatingOf(values);
  const { vessel, room } = plan3;
  const first = heldBelowBoiling(n.bathTemperature, room);
  const filled = fillByBoiling(
    plan3,
    { duration: n.transferTime, uprightShare: n.uprightShare, moved: true },
    n.surfaceConductance,
    tolerance,
    recorder
  );
  const pool = filled.waterMass * n.poolRetained;
  const gas = gasAtSeal(plan3, filled, pool);
  const perfect = vonMisesBuckling(
    { diameter: vessel.diameter, height: vessel.height, wallThickness: vessel.wallThickness },
    vessel.solid
  );
  const load = loadOf(vessel, {
    wall: filled.wall,
    liquid: filled.liquid,
    water: filled.waterMass,
    steam: gas.steam,
    roomPressure: room.pressure
  });
  const bathTemperature = heldBelowBoiling(bathAfterMany(values, load, first, n.restedCount).temperature, room);
  const coolingPlan = {
    vessel,
    room,
    pool,
    leakArea: 0,
    coolant: {
      temperature: bathTemperature,
      area: crossSection(vessel.diameter) + Math.PI * vessel.diameter * n.mouthDepth,
      throughBase: 0,
      conductance: throughWall(
        vessel,
        n.bathTransferFactor * bathConductance(n.mouthDepth, n.plungeSpeed, room.boilingPoint - bathTemperature)
      )
    },
    strength: {
      criticalDifference: n.knockDown * perfect.pressure,
      residualLoad: n.residualLoad,
      stiffening: n.packingStiffness,
      packing: 0.92
    },
    mouth: {
      depth: n.mouthDepth,
      plungeSpeed: n.plungeSpeed,
      waterTemperature: bathTemperature,
      entryLoss: n.entryLoss,
      passage: n.mouthPassage,
      jet: {
        water: bathTemperature,
        diameter: vessel.mouthDiameter,
        stanton: n.jetStanton,
        sprayContact: n.sprayContact,
        splashWeber: n.splashWeber
      }
    },
    airLayerFactor: plan3.airLayerFactor,
    surfaceConductance: n.surfaceConductance
  };
  return { plan: plan3, filled, pool, gas, perfect, first, load, coolingPlan };
}
function simulate9(values, detail, refinement = 1) {
  const tolerance = stepTolerance(detail, refinement);
  const recorder = detail === "trace" ? new TraceRecorder(heatingOf(values)) : void 0;
  const { plan: plan3, filled, pool, gas, perfect, first, load, coolingPlan } = untilSealed(values, tolerance, recorder);
  const { vessel, room } = plan3;
  const bathTemperature = coolingPlan.coolant.temperature;
  const system = new CoolingVessel(coolingPlan, detail === "trace");
  const state3 = coolingStart(system, filled, gas);
  recorder?.beginCooling(filled.sealing, system);
  const ended = plunge(system, state3, tolerance, recorder?.cooling);
  const surface = outerSurface({
    diameter: vessel.diameter,
    height: vessel.height,
    wallThickness: vessel.wallThickness
  });
  const bath = bathAfterMany(values, load, first, values.numbers.restedCount + 1);
  const drawnIn = state3[COOLING.drawnIn] / quickLiquidDensity(bathTemperature);
  const volumeLost = Math.max(0, state3[COOLING.lost]);
  const results28 = {
    ...resultsAtSeal(plan3, filled, gas, bathTemperature),
    ...forcesOf(surface, room.pressure, ended.peakDifference),
    criticalPressureDifference: coolingPlan.strength.criticalDifference,
    waterDrawnIn: drawnIn,
    volumeLost,
    bathTemperatureAfter: bath.temperature,
    ...ended.hush !== void 0 && { hush: ended.hush }
  };
  const events = new EventList({ seal: "mouth under water" }).addHeating(filled);
  for (const o of ended.occurrences) events.add(o.id, filled.sealing + o.time);
  events.add("peak", filled.sealing + ended.timeOfPeak);
  const simulation = {
    results: results28,
    events: events.sorted(),
    outcome: outcomeOf(volumeLost, drawnIn, vessel.capacity),
    details: {
      ...detailsAtSeal(plan3, filled),
      lobes: perfect.lobes,
      perfectPressure: perfect.pressure,
      iceLeft: bath.ice,
      bathTemperature,
      timeOfPeak: filled.sealing + ended.timeOfPeak,
      pool,
      ...ended.hush !== void 0 && { goneAt: filled.sealing + ended.hush }
    }
  };
  return { ...simulation, ...recorder && { trace: recorder.finish(simulation) } };
}
function repeats(values, _simulation, count2) {
  const { load, first } = untilSealed(
    { ...values, numbers: { ...values.numbers, restedCount: 0 } },
    stepTolerance("summary")
  );
  return repeatsOf(values, load, first, count2);
}

// core/catalogue/steam/can-plunge/procedure.ts
var at2 = (input) => ({ input });
var procedure9 = [
  {
    id: "bath",
    hazards: ({ numbers: n }) => n.bathTemperature >= SCALDS ? ["scald"] : [],
    parts: ({ numbers: n }) => [
      "Fill the bowl with ",
      at2("bathVolume"),
      " of water",
      ...n.iceMass > 0 ? [" and ", at2("iceMass"), " of ice"] : [" (ice: ", at2("iceMass"), ")"],
      "; stir to ",
      at2("bathTemperature"),
      ...n.restedCount > 0 ? [". ", at2("restedCount"), " went into it before this one."] : [". It is fresh (cans before this one: ", at2("restedCount"), ")."]
    ]
  },
  {
    id: "charge",
    parts: [
      "Pour ",
      at2("waterCharge"),
      " of water at ",
      at2("chargeTemperature"),
      " into a ",
      at2("vesselCondition"),
      " ",
      at2("wallMaterial"),
      " can of ",
      at2("vesselVolume"),
      ": ",
      at2("vesselDiameter"),
      " across, ",
      at2("vesselHeight"),
      " tall, ",
      at2("wallThickness"),
      " thick, mouth ",
      at2("mouthDiameter"),
      "."
    ]
  },
  {
    id: "heat",
    hazards: ["heat", "flame"],
    marks: ["heat-on", "plume"],
    parts: [
      "Stand it on the hot ",
      at2("heaterPower"),
      " heater (",
      at2("heatingEfficiency"),
      " of that gets in) until a steady plume shows."
    ],
    duration: (s) => s.results.timeToPlume
  },
  {
    id: "purge",
    hazards: ["heat"],
    parts: ["Let it boil on for ", at2("purgeTime"), "."],
    duration: (s) => s.results.timeToPlume === void 0 ? void 0 : s.details.timeOfLifting - s.results.timeToPlume
  },
  {
    id: "lift",
    hazards: ["scald", "heat"],
    marks: ["lifted"],
    parts: ["Lift it with tongs, turn it over, and have the mouth in the water within ", at2("transferTime"), "."],
    duration: (s) => s.details.sealing - s.details.timeOfLifting
  },
  {
    id: "plunge",
    hazards: ["scald", "vacuum"],
    marks: ["sealed"],
    parts: ["Push the mouth ", at2("mouthDepth"), " under and hold it there. Hush."],
    duration: (s) => s.results.hush
  }
];
var shelf9 = [
  { step: "bath", kind: "bath" },
  { step: "charge", kind: "vessel", shapes: ["cylinder"], materials: ["aluminium", "steel"], capacity: [5e-5, 6e-3] },
  { step: "heat", kind: "heater", heaters: FLAME_OR_PLATE }
];
var kit9 = (values) => [
  "can, rinsed, and as many spares as the forecast says",
  "measuring spoon or small cylinder",
  "heater",
  "bowl",
  ...values.numbers.iceMass > 0 ? [say`ice, ${asMass(values.numbers.iceMass, { digits: 3 })} a bowl`] : [],
  "tongs that grip a wet can",
  "heat-proof gloves",
  "eye protection",
  "thermometer",
  "clock",
  "tray and towel"
];
var ready3 = (values, simulation) => readyFromPlan(heatingOf(values), simulation);
var waterWindow = (values) => waterWindowOf(heatingOf(values), values.numbers.waterCharge);

// core/catalogue/steam/can-plunge/teaching.ts
function why9(values, simulation) {
  const { results: r, outcome, details } = simulation;
  const critical = asPressure(r.criticalPressureDifference);
  const peak = asPressure(r.peakPressureDifference);
  const air = asShare(r.residualAirFraction);
  const lines = [];
  if (r.timeToPlume === void 0) {
    lines.push(
      details.boiledDry === 1 ? "The water is gone before any steady plume shows: the can never fills with steam." : "No steady plume within an hour: the heat that gets in only makes up for what the can loses."
    );
  }
  if (r.hush !== void 0) {
    lines.push(
      say`The wall holds about ${critical}. The pressure inside is that far below the room's ${asTime(r.hush)}
        after the mouth goes under.`
    );
    if (outcome === "crush")
      lines.push("The wall gives way before water has filled the can: steam goes faster than water comes in.");
    if (outcome === "dent") lines.push("It buckles, but air left inside, or water coming in, stops it early.");
    if (outcome === "fill") lines.push("It buckles only a little and water takes up the rest.");
  } else {
    lines.push(say`The difference reaches ${peak} at most; the wall holds about ${critical}.`);
    if (outcome === "fill")
      lines.push("Water comes in through the mouth as fast as the steam goes, so the wall is never pressed hard.");
    if (outcome === "nothing") lines.push("There was too little steam to lose.");
  }
  if (r.residualAirFraction > 0.08)
    lines.push(
      say`${air} of the gas is still air when it is sealed; air does not condense, and it keeps steam from
        reaching the wall.`
    );
  if (values.numbers.bathTemperature > 313)
    lines.push(
      say`A bath at ${asTemperature(values.numbers.bathTemperature)} takes heat slowly: water has time to come in.`
    );
  return lines;
}
function explanation9(_values, simulation) {
  const { results: r } = simulation;
  const air = asShare(r.residualAirFraction);
  const force = asForce(r.outsideForce);
  const floor = asPressure(r.floorPressure);
  return [
    {
      from: 7,
      text: "The can was full of steam. Cold water turned the steam back into a few drops, so there was almost nothing left inside to push out. The air around us pushes all the time, and it pushed the can in."
    },
    {
      from: 11,
      text: say`Air presses on everything: on this can with ${force} when all sides are added up. Steam inside
        pushed back just as hard until it was cooled and became liquid, which takes up over a thousand times less
        room. Nothing sucks; the air outside pushes.`
    },
    {
      from: 14,
      text: say`Boiling drove the air out until ${air} of the gas was air. In the bath the steam condensed, and
        with so few particles left hitting the wall the pressure inside fell towards ${floor}. The can gives way
        at a difference of ${asPressure(r.criticalPressureDifference)}.`
    },
    {
      from: 16,
      text: say`Cooling the gas alone would lower its pressure only in proportion to its absolute temperature;
        most of the fall is condensation, which removes particles. The floor is the pressure of the air sealed in,
        cooled to the bath, plus the saturation pressure of water at the bath's temperature: ${floor}. The thin
        wall buckles elastically (von Mises) at a difference proportional to Young's modulus and nearly to
        (t/D)^${asNumber(2.5, 2)}.`
    }
  ];
}
var teaching8 = {
  wrongIdea: {
    idea: "The can is sucked in by the vacuum.",
    answer: "A vacuum cannot pull. The air of the room has pushed on the can all day; now nothing inside pushes back."
  },
  before: [
    "What is in the can besides water while it boils?",
    "What will happen if I wait five seconds before the plunge?",
    "Would it work with air only, without water?"
  ],
  after: ["Where did the steam go?", "Why was it so fast?", "Is there water in the can now? Why?"],
  elsewhere: [
    "A tank wagon that was steamed out and shut caved in.",
    "A plastic bottle shut on a mountain is dented in the valley.",
    "A jar of jam pops when it is opened."
  ]
};

// core/catalogue/steam/can-plunge/index.ts
var canPlunge = defineDemonstration({
  id: "can-plunge",
  name: "Can plunge",
  summary: "A drinks can with a little boiling water, turned over into cold water.",
  noun: ["can", "cans"],
  people: { performs: 14, watches: 7 },
  gates: gates9,
  cautions: cautions9,
  afterFailure: afterFailure9,
  gallery: {
    family: "steam",
    effect: "A bang, and the can is flat before anyone has seen it move.",
    topics: ["air pressure", "condensation", "change of state", "particle model"],
    ages: [7, 18]
  },
  hushWords: { inside: "air in the can", strength: "the wall gives way here" },
  inputs: inputs9,
  outcomes: outcomes9,
  suspects: STEAM_SUSPECTS,
  wanted: "crush",
  columns: COLUMNS3,
  procedure: procedure9,
  simulate: simulate9,
  drawing: drawing9,
  why: why9,
  explanation: explanation9,
  repeats,
  check: check8,
  logged: logged9,
  results: results9,
  ledger: ledger7,
  sizes: sizes7,
  shelf: shelf9,
  kit: kit9,
  ready: ready3,
  waterWindow,
  teaching: teaching8
});

// core/mechanisms/flame-gas.ts
var HEAT_PER_OXYGEN = 131e5 * 0.031999;
var FUELS = {
  paper: { heat: HEAT_PER_OXYGEN, carbonDioxide: 1, water: 5 / 6 },
  paraffin: { heat: HEAT_PER_OXYGEN, carbonDioxide: 25 / 38, water: 26 / 38 },
  ethanol: { heat: HEAT_PER_OXYGEN, carbonDioxide: 2 / 3, water: 1 },
  methane: { heat: HEAT_PER_OXYGEN, carbonDioxide: 0.5, water: 1 }
};
var OXYGEN_IN_AIR = 0.209476;
var FLAME_DIES = 0.16;
var FADING = 5e-3;
var OUT = 0.3;
var MOLAR_HEAT = 29.3;
var LATENT = 43900;
var MOLAR_HEAT_CONSTANT_VOLUME = MOLAR_HEAT - GAS_CONSTANT;
var LAST_DEW = 1e-6;
var GAS = { temperature: 0, inert: 1, oxygen: 2, carbonDioxide: 3, vapour: 4, dew: 5 };
var GAS_SIZE = 6;
var GAS_AMOUNTS = [GAS.inert, GAS.oxygen, GAS.carbonDioxide, GAS.vapour];
var molesOf = (state3) => state3[GAS.inert] + state3[GAS.oxygen] + state3[GAS.carbonDioxide] + state3[GAS.vapour];
var oxygenFraction = (state3) => state3[GAS.oxygen] / molesOf(state3);
var gasPressure = (state3, volume) => molesOf(state3) * GAS_CONSTANT * state3[GAS.temperature] / volume;
function fillWithAir(state3, moles, humid, temperature) {
  const dry2 = moles * (1 - humid);
  state3[GAS.temperature] = temperature;
  state3[GAS.inert] = dry2 * (1 - OXYGEN_IN_AIR);
  state3[GAS.oxygen] = dry2 * OXYGEN_IN_AIR;
  state3[GAS.carbonDioxide] = 0;
  state3[GAS.vapour] = moles * humid;
  state3[GAS.dew] = 0;
}
function vigour(state3, diesAt = FLAME_DIES) {
  const share = (oxygenFraction(state3) - diesAt) / FADING;
  return share <= 0 ? 0 : share >= 1 ? 1 : share;
}
var rates = { heat: 0, condensing: 0, moles: 0, toWall: 0 };
function gasRates(state3, flame, pressure, area, transfer2, wall, slope) {
  const moles = molesOf(state3);
  const burning = flame ? vigour(state3, flame.diesAt) * flame.power / flame.fuel.heat : 0;
  const conductance = transfer2 * area;
  const excess = state3[GAS.vapour] / moles - quickSaturationPressure(wall) / pressure;
  const dew = state3[GAS.dew] > 0 ? state3[GAS.dew] : 0;
  const condensing = conductance / MOLAR_HEAT * excess * (excess > 0 ? 1 : dew / (dew + LAST_DEW));
  const loss = conductance * (state3[GAS.temperature] - wall);
  const { carbonDioxide = 0, water = 0 } = flame?.fuel ?? {};
  slope[GAS.inert] = 0;
  slope[GAS.oxygen] = -burning;
  slope[GAS.carbonDioxide] = burning * carbonDioxide;
  slope[GAS.vapour] = burning * water - condensing;
  slope[GAS.dew] = condensing;
  rates.heat = (flame ? burning * flame.fuel.heat * flame.kept : 0) - loss;
  rates.condensing = condensing;
  rates.moles = burning * (carbonDioxide + water - 1) - condensing;
  rates.toWall = loss + condensing * LATENT;
  return rates;
}
var warmingClosed = (state3, r) => (r.heat - GAS_CONSTANT * state3[GAS.temperature] * r.condensing) / (molesOf(state3) * MOLAR_HEAT_CONSTANT_VOLUME);
function holdPressure(state3, r, slope, air, exchange = 0) {
  const moles = molesOf(state3);
  const temperature = state3[GAS.temperature];
  const colder = air ? air.temperature - temperature : 0;
  const heat2 = r.heat + exchange * MOLAR_HEAT * colder;
  let warming = heat2 / (moles * MOLAR_HEAT);
  let coming = -moles * warming / temperature - r.moles;
  if (coming > 0 && air) {
    warming = (heat2 - MOLAR_HEAT * colder * r.moles) / (moles * MOLAR_HEAT * air.temperature / temperature);
    coming = -moles * warming / temperature - r.moles;
  }
  slope[GAS.temperature] = warming;
  const inward = (coming > 0 && air ? coming : 0) + exchange;
  const outward = ((coming < 0 ? -coming : 0) + exchange) / moles;
  for (const gas of [GAS.inert, GAS.oxygen, GAS.carbonDioxide, GAS.vapour]) slope[gas] -= outward * state3[gas];
  if (inward > 0 && air) {
    const dry2 = inward * (1 - air.humid);
    slope[GAS.oxygen] += dry2 * OXYGEN_IN_AIR;
    slope[GAS.inert] += dry2 * (1 - OXYGEN_IN_AIR);
    slope[GAS.vapour] += inward * air.humid;
  }
  return coming;
}

// core/mechanisms/jar-over-candle.ts
var BUBBLED = {
  vapour: GAS_SIZE,
  oxygen: GAS_SIZE + 1,
  carbonDioxide: GAS_SIZE + 2,
  all: GAS_SIZE + 3
};
var SIZE2 = GAS_SIZE + 4;
var COOLED = 0.3;
var LONGEST4 = 3600;
var FINER = 8;
var CandleJar = class {
  constructor(plan3) {
    this.plan = plan3;
    const moles = plan3.outside * plan3.volume / (GAS_CONSTANT * plan3.room);
    this.scale = new Float64Array(SIZE2).fill(0.02 * moles);
    this.scale[GAS.temperature] = 5;
    this.reference[GAS.temperature] = plan3.room;
    this.flame = plan3.flame;
    this.weight = plan3.density * GRAVITY;
    this.water = plan3.dish * plan3.depth;
  }
  plan;
  size = SIZE2;
  totals = 4;
  scale;
  reference = new Float64Array(SIZE2);
  amounts = GAS_AMOUNTS;
  mode = "quiet";
  flame;
  /** mol/s that come in at the last evaluation (negative: bubble out) */
  coming = 0;
  water;
  weight;
  /** Height of the water outside over the rim with so much of it (m3) inside, m. */
  outer(inside) {
    return Math.max(0, (this.water - inside) / Math.max(this.plan.dish - this.plan.rim, 0.02 * this.plan.dish));
  }
  /** Pressure of the gas with so much water inside, Pa. */
  pressureWith(inside) {
    return this.plan.outside + this.weight * (this.outer(inside) - this.plan.levelFor(inside));
  }
  /** Water inside, m3: where gas and column balance. */
  inside(s) {
    if (this.mode === "bubbling") return 0;
    if (this.mode === "gurgling") return this.water;
    const { volume } = this.plan;
    const amount = molesOf(s) * GAS_CONSTANT * s[GAS.temperature];
    const error = (inside) => amount - this.pressureWith(inside) * (volume - inside);
    const most = Math.min(this.water, 0.98 * volume);
    return falsePosition(error, [0, error(0)], [most, error(most)], 1e-10 * amount);
  }
  /** How much more gas there is than the jar holds full to the rim, and less than it holds with all the water in, J. */
  overRim(s) {
    return molesOf(s) * GAS_CONSTANT * s[GAS.temperature] - this.pressureWith(0) * this.plan.volume;
  }
  underDry(s) {
    return this.pressureWith(this.water) * (this.plan.volume - this.water) - molesOf(s) * GAS_CONSTANT * s[GAS.temperature];
  }
  get runsDry() {
    return this.water < 0.97 * this.plan.volume;
  }
  derivatives(_time, s, slope) {
    const { plan: plan3 } = this;
    const pressure = this.mode === "quiet" ? plan3.outside : this.pressureWith(this.mode === "bubbling" ? 0 : this.water);
    const r = gasRates(s, this.flame, pressure, plan3.area, plan3.transfer, plan3.room, slope);
    for (let i = BUBBLED.vapour; i < SIZE2; i++) slope[i] = 0;
    if (this.mode === "quiet") {
      slope[GAS.temperature] = r.heat / (molesOf(s) * MOLAR_HEAT);
      this.coming = 0;
      return;
    }
    this.coming = holdPressure(
      s,
      r,
      slope,
      this.mode === "gurgling" ? { temperature: plan3.room, humid: plan3.vapourOutside / plan3.outside } : void 0
    );
    if (this.coming < 0) {
      const share = -this.coming / molesOf(s);
      slope[BUBBLED.vapour] = share * s[GAS.vapour];
      slope[BUBBLED.oxygen] = share * s[GAS.oxygen];
      slope[BUBBLED.carbonDioxide] = share * s[GAS.carbonDioxide];
      slope[BUBBLED.all] = -this.coming;
    }
  }
};
function coverCandle(plan3, tolerance, record) {
  const { outside, room, caught, levelFor: levelFor2 } = plan3;
  const system = new CandleJar(plan3);
  const state3 = new Float64Array(SIZE2);
  const inside0 = Math.min(plan3.volumeFor(plan3.depth), 0.98 * plan3.volume);
  const level0 = levelFor2(inside0);
  fillWithAir(
    state3,
    outside * (plan3.volume - inside0) / (GAS_CONSTANT * caught),
    plan3.vapourOutside / outside,
    caught
  );
  const first = state3.slice();
  const levelOf2 = (s) => levelFor2(system.inside(s));
  const scratch = new Float64Array(SIZE2);
  const coming = (t, s) => {
    system.derivatives(t, s, scratch);
    return system.coming;
  };
  const events = {
    out: {
      id: "out",
      direction: -1,
      stops: true,
      value: (_, s) => system.flame ? vigour(s, system.flame.diesAt) - OUT : 1
    },
    drowns: {
      id: "drowns",
      direction: 1,
      stops: true,
      value: (_, s) => system.flame ? levelOf2(s) - level0 - plan3.wickHeight : -1
    },
    rises: { id: "rises", direction: 1, stops: false, value: (_, s) => levelOf2(s) - level0 - plan3.seen },
    spills: { id: "spills", direction: 1, stops: true, value: (_, s) => system.overRim(s) },
    dries: { id: "dries", direction: 1, stops: true, value: (_, s) => system.underDry(s) },
    closes: { id: "closes", direction: 1, stops: true, value: coming },
    cools: {
      id: "cools",
      direction: -1,
      stops: false,
      value: (_, s) => system.flame ? 1 : s[GAS.temperature] - room - 0.1 * warmest
    },
    settled: {
      id: "settled",
      direction: -1,
      stops: true,
      value: (_, s) => system.flame ? 1 : s[GAS.temperature] - room - COOLED
    }
  };
  let warmest = 0;
  let time = 0;
  let hottest = caught;
  let flameOut;
  let drowned = false;
  let gurgles;
  let risen2;
  let cooled;
  let bubbling;
  while (time < LONGEST4) {
    const { mode } = system;
    const watched = [
      events.out,
      events.drowns,
      events.rises,
      events.cools,
      events.settled,
      ...mode === "quiet" ? [events.spills, ...system.runsDry ? [events.dries] : []] : mode === "bubbling" ? [events.closes] : []
    ];
    const stage = integratorOf(SIZE2).run(system, state3, time, LONGEST4, {
      tolerance: tolerance / FINER,
      firstStep: 0.02,
      events: watched,
      peaks: [{ id: "hottest", value: (_, s) => s[GAS.temperature] }],
      between: record ? 2 : 0,
      onStep: record && ((t, s) => {
        const inside2 = system.inside(s);
        record(t, s, system.pressureWith(inside2), levelFor2(inside2));
      })
    });
    time = stage.time;
    hottest = Math.max(hottest, stage.peaks.hottest.value);
    risen2 = stage.occurrences.filter((o) => o.id === "rises").at(-1)?.time ?? risen2;
    cooled ??= stage.occurrences.find((o) => o.id === "cools")?.time;
    if (mode === "bubbling") bubbling = [bubbling[0], time];
    if (stage.stoppedBy === "out" || stage.stoppedBy === "drowns") {
      drowned = stage.stoppedBy === "drowns";
      system.flame = void 0;
      flameOut = time;
      warmest = Math.max(COOLED, state3[GAS.temperature] - room);
      if (system.mode === "bubbling" && coming(time, state3) >= 0) system.mode = "quiet";
    } else if (stage.stoppedBy === "spills") {
      system.mode = "bubbling";
      bubbling ??= [time, time];
      if (coming(time, state3) >= 0) system.mode = "quiet";
    } else if (stage.stoppedBy === "closes") system.mode = "quiet";
    else if (stage.stoppedBy === "dries") {
      system.mode = "gurgling";
      gurgles ??= time;
    } else break;
  }
  const inside = system.inside(state3);
  return {
    first,
    last: state3.slice(),
    flameOut,
    drowned,
    gurgles,
    risen: risen2,
    bubbling,
    bubbles: state3[BUBBLED.all] * GAS_CONSTANT * hottest / outside,
    hottest,
    volumes: [plan3.volume - inside0, plan3.volume - inside],
    pressures: [outside, system.pressureWith(inside)],
    level: levelFor2(inside),
    cooled: cooled ?? time,
    end: time
  };
}

// core/catalogue/hot-air/inputs.ts
var WALL_TRANSFER = (standard) => coefficient(
  "wallTransfer",
  "hot gas to the glass",
  "W/(m2 K)",
  standard,
  [2, 100],
  [6, 40],
  0.25,
  "natural convection some 5 to 10, radiation of hot vapour, carbon dioxide and soot about as much again (Incropera & DeWitt, ch. 9 and 13)"
);
var BY_ID2 = FUELS;
var fuelOf = (id) => BY_ID2[id ?? "paper"] ?? FUELS.paper;
var roomVapour = ({ numbers: n }) => n.relativeHumidity * quickSaturationPressure(n.airTemperature);
var HOT_COLUMNS = [
  ...GAS_COLUMNS,
  { id: "oxygen", name: "oxygen in the gas", quantity: "fraction" }
];
var GAS_MASS = { air: 0.0289644, vapour: 0.018015 };

// core/catalogue/hot-air/candle-jar/simulate.ts
var COLUMNS8 = [
  ...HOT_COLUMNS,
  { id: "level", name: "water in the jar", quantity: "length" }
];
var SEEN3 = 8e-3;
var sections = ({ numbers: n, choices }) => {
  const body = Math.PI * n.jarDiameter * n.jarDiameter / 4;
  const neck = choices.jarShape === "necked" ? Math.PI * n.mouthDiameter * n.mouthDiameter / 4 : body;
  return { body, neck, neckLength: choices.jarShape === "necked" ? n.neckLength : 0 };
};
function levelFor(values, volume) {
  const { body, neck, neckLength } = sections(values);
  const inNeck = neck * neckLength;
  return volume <= inNeck ? volume / neck : neckLength + (volume - inNeck) / body;
}
function volumeFor(values, level) {
  const { body, neck, neckLength } = sections(values);
  return level <= neckLength ? level * neck : neckLength * neck + (level - neckLength) * body;
}
var dishWater = ({ numbers: n }) => Math.PI / 4 * n.dishDiameter * n.dishDiameter * n.waterDepth;
var wallArea = ({ numbers: n }) => Math.PI * n.jarDiameter * n.jarDiameter / 4 + 4 * n.jarVolume / n.jarDiameter;
function simulate10(values, detail, refinement = 1) {
  const n = values.numbers;
  const outside = n.stationPressure;
  const room = n.airTemperature;
  const rows = detail === "trace" ? new TraceRows(COLUMNS8) : void 0;
  const ended = coverCandle(
    {
      volume: n.jarVolume,
      levelFor: (v) => levelFor(values, v),
      volumeFor: (z9) => volumeFor(values, z9),
      rim: sections(values).neck,
      dish: Math.PI / 4 * n.dishDiameter * n.dishDiameter,
      depth: n.waterDepth,
      area: wallArea(values),
      transfer: n.wallTransfer,
      outside,
      room,
      vapourOutside: roomVapour(values),
      caught: room + n.caughtWarmth,
      density: liquidDensity(Math.max(274, room)),
      flame: { fuel: fuelOf("paraffin"), power: n.flamePower * n.candles, kept: n.flameShare, diesAt: n.diesAt },
      wickHeight: n.wickHeight,
      seen: SEEN3
    },
    stepTolerance(detail, refinement),
    rows && ((time2, s, pressure, level2) => rows.add(time2, {
      pressure,
      gasTemperature: s[GAS.temperature],
      airMass: (molesOf(s) - s[GAS.vapour]) * GAS_MASS.air,
      steamMass: s[GAS.vapour] * GAS_MASS.vapour,
      oxygen: oxygenFraction(s),
      level: level2
    }))
  );
  const { first, last, risen: risen2, bubbling, end: time } = ended;
  const flameOut = ended.flameOut ?? time;
  const start = volumeFor(values, n.waterDepth);
  const level = ended.level - n.waterDepth;
  const [volume0, volume1] = ended.volumes;
  const [, pressure1] = ended.pressures;
  const warmth = last[GAS.temperature];
  const r = GAS_CONSTANT / volume0;
  const gone = (gas, bubbled) => (first[gas] - last[gas] - last[bubbled]) * r * warmth;
  const cooled = molesOf(first) * r * (first[GAS.temperature] - warmth);
  const bubbles = last[BUBBLED.all] * r * warmth;
  const condensed = gone(GAS.vapour, BUBBLED.vapour);
  const chemistry = gone(GAS.oxygen, BUBBLED.oxygen) + gone(GAS.carbonDioxide, BUBBLED.carbonDioxide);
  const letIn = (molesOf(first) - molesOf(last) - last[BUBBLED.all]) * r * warmth - condensed - chemistry;
  const inflow = molesOf(last) * GAS_CONSTANT * warmth * (1 / volume0 - 1 / volume1);
  const all = cooled + bubbles + condensed + chemistry;
  const part = (cause) => Math.abs(all) > 1e-9 ? level * cause / all : 0;
  const difference = outside - pressure1;
  return {
    results: {
      level,
      share: (volume0 - volume1) / n.jarVolume,
      levelCooling: part(cooled + bubbles),
      levelCondensation: part(condensed),
      levelOxygen: part(chemistry),
      flameTime: flameOut,
      bubbles: ended.bubbles,
      hottest: ended.hottest,
      oxygenLeft: oxygenFraction(last),
      peakPressureDifference: difference,
      ...risen2 !== void 0 && { hush: risen2 }
    },
    events: [
      ...bubbling ? [{ id: "bubbles", name: "first bubble", time: bubbling[0] }] : [],
      { id: "out", name: "flame out", time: flameOut }
    ],
    outcome: ended.drowned ? "drowned" : ended.gurgles !== void 0 ? "gurgles" : level >= SEEN3 ? "rises" : "little",
    details: {
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      cooled,
      bubbled: bubbles,
      condensed,
      chemistry,
      letIn,
      inflow,
      difference,
      startVolume: start,
      bubbleStart: bubbling?.[0] ?? 0,
      bubbleEnd: bubbling?.[1] ?? 0,
      flameOut,
      ...risen2 !== void 0 && { goneAt: risen2 }
    },
    trace: rows && (() => {
      rows.stage("hush", "burning", flameOut);
      rows.stage("cooling", "rising as it cools", Math.min(time, Math.max(flameOut, ended.cooled)));
      rows.stage("after", "rising as dew forms", time);
      return rows.finish();
    })()
  };
}

// core/catalogue/hot-air/candle-jar/cautions.ts
var FEW_FLAMES = 3;
var gates10 = [
  {
    step: "dish",
    text: "Before the candle is lit: hair and sleeves back; the dish stands level and full; jar in reach, wet cloth at hand.",
    guards: ["flame", "heat"]
  }
];
var cautions10 = (values, _s, risk) => {
  const many = values.numbers.candles > FEW_FLAMES;
  return applying(
    openFlame("dish", many),
    wetFloor(dishWater(values), "dish"),
    {
      id: "glass-heated",
      step: "cover",
      severity: many || values.numbers.wickHeight > 0.7 * values.numbers.jarVolume / (0.785 * values.numbers.jarDiameter * values.numbers.jarDiameter) ? "raised" : "usual",
      covers: ["heat", "chilled-glass"],
      hazard: `The top of a small jar gets hot${many ? `, over ${Math.round(values.numbers.candles)} candles very` : ""}, and glass may crack over the flame or where water touches it.`,
      control: "Heat-proof or thick glass; flame at least a hand\u2019s breadth below the top; goggles; wait before lifting."
    },
    hotSurface(atWorst(risk, "hottest"), "watch", "The gas under the jar and its top get hot")
  );
};
var afterFailure10 = (_values, _s, _risk, outcome) => [
  wait("Let it stand until the flame is out and the glass is cool."),
  heatOff("Still burning? Leave it: it goes out by itself."),
  pressureOff("Tilt the jar with a cloth until air gurgles in."),
  near("Was the rim under water all round? Coins under it."),
  next(
    {
      drowned: "The water was faster than the flame: a taller candle or a wider jar.",
      gurgles: "The dish ran dry: more water in it."
    }[outcome] ?? "Lower the jar more slowly, so that more warm air is caught; more water in the dish; two or three candles."
  )
];

// core/catalogue/hot-air/candle-jar/inputs.ts
var DISH = 0.2;
var rimWidth = ({ numbers: n, choices }) => choices.jarShape === "necked" ? n.mouthDiameter : n.jarDiameter;
var inputs10 = defineInputs([
  ...ROOM_INPUTS,
  blank("jarVolume", "jar", "mL", "vessel", 9e-4, [5e-5, 0.012], [2e-4, 3e-3], 0.02),
  blank("jarDiameter", "jar across", "cm", "vessel", 0.095, [0.03, 0.4], [0.05, 0.2], 0.01),
  {
    id: "jarShape",
    name: "shape",
    kind: "choice",
    group: "vessel",
    default: "straight",
    lever: true,
    source: "A straight jar shows the true share; a flask\u2019s neck makes the same volume look like much, and faster.",
    choices: [
      { id: "straight", name: "straight jar" },
      { id: "necked", name: "flask with its neck down" }
    ]
  },
  blank("mouthDiameter", "its neck, if it has one", "cm", "vessel", 0.045, [0.015, 0.3], [0.03, 0.1], 0.02),
  blank("neckLength", "neck long", "cm", "vessel", 0.08, [5e-3, 0.4], [0.02, 0.2], 0.03),
  blank("dishDiameter", "dish across", "cm", "vessel", DISH, [0.04, 1], [0.12, 0.4], 0.01),
  blank(
    "waterDepth",
    "water in it deep",
    "cm",
    "water",
    0.013,
    [1e-3, 0.15],
    [5e-3, 0.04],
    { shape: "normal", absolute: 1e-3 },
    { lever: [-6e-3, 0.01] }
  ),
  blank("candles", "candles", "1", "heat", 1, [1, 12], [1, 5], 0, { lever: [1, 2] }),
  blank("wickHeight", "flame above the water", "cm", "heat", 0.055, [5e-3, 0.4], [0.02, 0.15], 0.04, {
    lever: [-0.03, 0.03]
  }),
  blank("flamePower", "heat of one flame", "W", "heat", 45, [5, 200], [20, 90], { shape: "lognormal", relative: 0.2 }),
  WALL_TRANSFER(11),
  coefficient(
    "flameShare",
    "share of the flame\u2019s heat that the gas keeps",
    "%",
    0.6,
    [0.05, 1],
    [0.3, 0.9],
    { shape: "uniform", below: 0.15, above: 0.15 },
    "a candle radiates a fifth to a third (from memory); some warms its own wax and the water"
  ),
  coefficient(
    "caughtWarmth",
    "air caught under the jar warmer than the room by",
    "K",
    40,
    [0, 150],
    [10, 80],
    { shape: "uniform", below: 25, above: 30 },
    "the flame fills the jar for a second or two as it comes down: half of 45 W into a litre of air makes some 20 K a second; slowly lowered, more; assumption"
  ),
  coefficient(
    "diesAt",
    "oxygen at which the flame dies",
    "%",
    0.16,
    [0.1, 0.2],
    [0.14, 0.18],
    { shape: "normal", absolute: 6e-3 },
    "common practice: near 16 %; wax flames measured between 15 and 17 %"
  )
]);
var retired = [
  {
    id: "dishWater",
    quantity: "volume",
    becomes: "waterDepth",
    from: (volume, { dishDiameter = DISH }) => Math.min(0.15, Math.max(1e-3, volume / (Math.PI / 4 * dishDiameter * dishDiameter)))
  }
];
var check9 = ({ numbers: n, choices }) => [
  ...under(n.dishDiameter, 1.05 * rimWidth({ numbers: n, choices })) ? [
    {
      input: "dishDiameter",
      message: say`given ${asLength(n.dishDiameter, { digits: 4 })}; accepted: at least
            ${asLength(1.05 * rimWidth({ numbers: n, choices }), {
        digits: 4,
        toward: "above"
      })}, so that water can pass under the
            rim`
    }
  ] : [],
  ...volumeFor({ numbers: n, choices }, n.waterDepth) > 0.5 * n.jarVolume ? [
    {
      input: "waterDepth",
      message: say`given ${asLength(n.waterDepth, { digits: 4 })}; accepted: less than half of this jar under
            water`
    }
  ] : [],
  ...choices.jarShape === "necked" && n.mouthDiameter > n.jarDiameter ? [
    {
      input: "mouthDiameter",
      message: say`given ${asLength(n.mouthDiameter, { digits: 4 })}; accepted: at most the jar,
            ${asLength(n.jarDiameter, { digits: 4, toward: "below" })}`
    }
  ] : [],
  ...choices.jarShape === "necked" && 0.785 * n.mouthDiameter * n.mouthDiameter * n.neckLength > 0.6 * n.jarVolume ? [
    {
      input: "neckLength",
      message: say`given ${asLength(n.neckLength, { digits: 4 })}; accepted: a neck that holds at most six
            tenths of the ${asVolume(n.jarVolume, { digits: 4, toward: "below" })}`
    }
  ] : []
];

// core/catalogue/hot-air/candle-jar/outcomes.ts
var logged10 = { used: ["jarVolume", "flamePower", "candles"], seen: ["level", "flameTime", "bubbles"] };
var results10 = [
  result("level", "water rises", "cm"),
  result("share", "of the jar\u2019s volume", "%"),
  result("levelCooling", "of it by cooling", "mm"),
  result("levelCondensation", "by vapour turned to dew, less what the flame made", "mm"),
  result("levelOxygen", "by oxygen used, less carbon dioxide made", "mm"),
  result("flameTime", "flame lasts", "s"),
  result("bubbles", "gas that bubbles out", "mL"),
  result("hottest", "gas at its hottest", "degC"),
  result("oxygenLeft", "oxygen left", "%"),
  result("peakPressureDifference", "greatest pressure difference", "Pa"),
  result("hush", "until the rise is seen", "s", HUSH)
];
var outcomes10 = [
  { id: "rises", look: "gone", name: "rises", sentence: "The flame dies, and then the water rises in the jar." },
  {
    id: "drowned",
    look: "partly",
    name: "drowns the flame",
    sentence: "The water reaches the flame before it has died."
  },
  { id: "gurgles", look: "part-filled", name: "runs the dish dry", sentence: "The dish runs dry and air gurgles in." },
  { id: "little", look: "nothing", name: "hardly rises", sentence: "The flame dies; the water hardly rises." }
];
var ledger8 = ({ details: d }) => ({
  moment: "at the end",
  difference: d.difference,
  rows: [
    { id: "cooling", cause: "the gas getting colder than it was caught", pressure: d.cooled },
    ...d.bubbled > 0 ? [{ id: "bubbles", cause: "warm gas that bubbled out", pressure: d.bubbled }] : [],
    { id: "wall", cause: "vapour turned to dew, less what the flame still made", pressure: d.condensed },
    { id: "oxygen", cause: "oxygen used up, less carbon dioxide made", pressure: d.chemistry },
    ...Math.abs(d.letIn) > 1 ? [{ id: "air", cause: "room air that gurgled in (gives back)", pressure: d.letIn }] : [],
    {
      id: "inflow",
      cause: "room taken by water that came in (gives back)",
      pressure: d.difference - d.cooled - d.bubbled - d.condensed - d.chemistry - (Math.abs(d.letIn) > 1 ? d.letIn : 0)
    }
  ]
});
var sizes8 = (values, s) => [
  {
    id: "lifted",
    name: "water held up",
    value: s.results.share * values.numbers.jarVolume * 1e3,
    quantity: "mass",
    units: ["g", "oz"],
    note: "by the difference between inside and outside"
  }
];

// core/catalogue/hot-air/candle-jar/procedure.ts
var shelf10 = [
  { step: "cover", kind: "vessel", shapes: ["cylinder", "bell-jar"], materials: ["glass"], capacity: [5e-5, 3e-3] }
];
var procedure10 = [
  {
    id: "dish",
    hazards: ["flame"],
    parts: [
      "Stand ",
      { input: "candles" },
      " lit candle(s) (each about ",
      { input: "flamePower" },
      ", flame ",
      { input: "wickHeight" },
      " above the water) in a dish ",
      { input: "dishDiameter" },
      " across with coloured water ",
      { input: "waterDepth" },
      " deep."
    ]
  },
  {
    id: "cover",
    hazards: ["heat"],
    marks: ["sealed"],
    parts: [
      "Put a ",
      { input: "jarShape" },
      " of ",
      { input: "jarVolume" },
      ", ",
      { input: "jarDiameter" },
      " across (neck ",
      { input: "mouthDiameter" },
      " wide, ",
      { input: "neckLength" },
      " long) over it, rim under water, on three coins."
    ],
    duration: (s) => s.results.flameTime
  },
  {
    id: "watch",
    hazards: ["heat"],
    parts: ["Watch the water inside: down while the gas warms, perhaps to the rim; the flame dies, then it climbs."]
  }
];
var kit10 = () => [
  "candle",
  "dish",
  "coloured water",
  "jar or flask",
  "ruler for the water\u2019s depth",
  "three coins",
  "lighter",
  "wet cloth",
  "eye protection"
];

// core/catalogue/hot-air/candle-jar/drawing.ts
var SHOWN = 1e-3;
var drawing10 = (values, s, time) => {
  const n = values.numbers;
  const [level, oxygen, temperature] = ["level", "oxygen", "gasTemperature"].map((c) => valueAt(s.trace, c, time));
  const across = n.jarDiameter;
  const necked = values.choices.jarShape === "necked";
  const body = Math.PI / 4 * across * across;
  const tall = necked ? n.neckLength + n.jarVolume / body * 1.15 : n.jarVolume / body + 0.08 * across;
  const bottom = 4e-3;
  const pool = bottom + n.waterDepth;
  const upright = necked ? bottle(0, 0, { diameter: across, height: tall, neck: n.mouthDiameter, neckLength: n.neckLength }).map(
    ([x, y]) => [x, tall - y + bottom]
  ) : dome(0, bottom, across, tall);
  const surface = bottom + level;
  const half = Math.max(across * 0.6, n.dishDiameter / 2);
  const sunk = Math.max(
    0.2 * bottom,
    bottom + (n.waterDepth * Math.PI * half * half - volumeFor(values, level)) / Math.max(Math.PI * half * half - body, 0.2 * body) - 2e-3
  );
  const burning = time < s.details.flameOut;
  const width = necked ? n.mouthDiameter * 0.4 : 0.022;
  const strong = Math.min(1, Math.max(0.35, (oxygen - 0.14) / 0.06));
  const bubbling = time >= s.details.bubbleStart && time < s.details.bubbleEnd;
  const candles = Math.min(5, Math.round(n.candles));
  const shapes = [
    { kind: "gas", points: upright, air: Math.min(1, 300 / temperature), vapour: 0 },
    { kind: "body", points: rectangle(-half, 2e-3, 2 * half, sunk), stuff: "water", opacity: 0.75 },
    ...level > 5e-4 ? [
      {
        kind: "body",
        points: necked ? rectangle(-n.mouthDiameter / 2, bottom, n.mouthDiameter, Math.min(surface - bottom, n.neckLength)) : rectangle(-across / 2, bottom, across, surface - bottom),
        stuff: "water",
        opacity: 0.85
      }
    ] : [],
    ...necked && surface - bottom > n.neckLength ? [
      {
        kind: "body",
        points: rectangle(-across / 2, bottom + n.neckLength, across, surface - bottom - n.neckLength),
        stuff: "water",
        opacity: 0.85
      }
    ] : [],
    ...Array.from({ length: candles }, (_, i) => {
      const x = (i - (candles - 1) / 2) * width * 1.5;
      return [
        { kind: "body", points: rectangle(x - width / 2, 2e-3, width, pool + n.wickHeight - 8e-3), stuff: "food" },
        ...burning ? [{ kind: "flame", at: [x, pool + n.wickHeight - 6e-3], high: 0.035 * strong }] : [
          {
            kind: "body",
            points: [
              [x, pool + n.wickHeight - 8e-3],
              [x, pool + n.wickHeight]
            ],
            stuff: "ink",
            open: true,
            thick: 2
          }
        ]
      ];
    }).flat(),
    ...bubbling ? [-1, 1].map((side) => ({
      kind: "bubbles",
      at: [side * ((necked ? n.mouthDiameter : across) / 2 + 8e-3), bottom],
      wide: 0.012,
      high: pool - bottom,
      count: 4
    })) : [],
    { kind: "body", points: upright, stuff: "glass", open: true, thick: 3 },
    {
      kind: "body",
      points: [
        [-half, pool * 1.5],
        [-half, 2e-3],
        [half, 2e-3],
        [half, pool * 1.5]
      ],
      stuff: "metal",
      open: true,
      thick: 2
    },
    ...level > n.waterDepth + SHOWN ? [-0.75, 0.75].map((x) => ({
      kind: "push",
      stuff: "outside-air",
      from: [x * half * 1.05 + (x > 0 ? 6e-3 : -6e-3), pool + 0.05],
      to: [x * half * 1.05, pool + 0.012]
    })) : [],
    {
      kind: "note",
      at: [half * 1.1, pool + 0.55 * tall],
      anchor: "start",
      stuff: "ink",
      said: ["gas ", said(temperature, "temperature", "degC", "degF")]
    },
    {
      kind: "note",
      at: [half * 1.1, pool + 0.4 * tall],
      anchor: "start",
      stuff: "outside-air",
      said: ["oxygen ", said(oxygen, "fraction", "%", "%")]
    },
    {
      kind: "note",
      at: [-half * 1.1, surface],
      anchor: "end",
      stuff: "water",
      said: [said(level, "length", "cm", "in")]
    }
  ];
  return {
    frame: { left: -2.3 * half, right: 2.3 * half, bottom: 0, top: bottom + tall * 1.06 },
    shapes,
    caption: [
      burning ? bubbling ? "Burning; hot gas bubbles out under the rim." : level < n.waterDepth - SHOWN ? "Burning; the warm gas pushes the water down." : "Burning; the oxygen goes down." : level > n.waterDepth + SHOWN ? "Out: the gas cools and the room pushes water in." : "Out; the gas is still hot."
    ]
  };
};

// core/catalogue/hot-air/candle-jar/teaching.ts
var why10 = (_values, s) => {
  const { level, levelCooling, levelCondensation, levelOxygen, share, flameTime, bubbles, oxygenLeft } = s.results;
  return [
    say`Of ${asLength(level)} (${asShare(share)} of the jar), cooling makes ${asLength(levelCooling)}, vapour
      turned to dew less what the flame still made ${asLength(levelCondensation)}, oxygen used up less carbon
      dioxide made ${asLength(Math.max(0, levelOxygen))}.`,
    say`${bubbles > 1e-7 ? say`Before that, ${asVolume(bubbles)} of hot gas bubbled out. ` : "No gas bubbled out: the water inside only went down and came up again. "}The
      flame died after ${asTime(flameTime)} with ${asShare(oxygenLeft)} of oxygen left of 21 %.`,
    ...s.outcome === "drowned" ? ["The water was faster than the flame: a taller candle or a wider jar shows the other order."] : []
  ];
};
var advice3 = (values, s) => [
  {
    text: s.outcome === "gurgles" ? say`Pour in more: the jar wants
          ${asVolume(
      1.4 * (dishWater(values) + Math.max(
        0,
        s.details.letIn < 0 ? -s.details.letIn / s.details.stationPressure * values.numbers.jarVolume : 0
      ))
    )}.` : say`A jar of twice the size keeps the flame for about twice as long
          (${asTime(2 * s.results.flameTime)}); a flask’s neck makes the same volume climb
          ${asNumber(
      values.numbers.jarDiameter * values.numbers.jarDiameter / (values.numbers.mouthDiameter * values.numbers.mouthDiameter),
      2
    )}
          times as high.`
  }
];
var explanation10 = (_values, s) => {
  const r = s.results;
  return [
    {
      from: 7,
      text: say`The flame warms the air; warm air needs more room, so
        ${r.bubbles > 1e-7 ? "some bubbles out" : "it pushes the water down"}. When the flame has gone out the air
        cools and needs less room. The air outside pushes water in to fill it: ${asLength(r.level)}.`
    },
    {
      from: 11,
      text: say`If used-up oxygen made the water rise, it would rise while the candle burns. It rises afterwards,
        as the gas cools from ${asTemperature(r.hottest)}. And ${asShare(r.oxygenLeft)} of oxygen are still there
        when the flame dies.`
    },
    {
      from: 14,
      text: say`Ledger: cooling ${asLength(r.levelCooling)}, condensation less vapour made
        ${asLength(r.levelCondensation)}, oxygen less carbon dioxide ${asLength(Math.max(0, r.levelOxygen))}. Wax
        burns 38 O2 to 25 CO2 and 26 H2O: dry gas shrinks by a third of the oxygen burnt only.`
    },
    {
      from: 16,
      text: "n R T = (p0 \u2212 \u03C1 g h) V: the column itself holds hardly any pressure, so the level tells the volume. Carbon dioxide dissolves too slowly to matter within a minute. Limewater in the dish would change that over minutes."
    }
  ];
};
var teaching9 = {
  wrongIdea: {
    idea: "The candle uses up the oxygen, a fifth of the air, so the water rises a fifth.",
    answer: "The flame dies with three quarters of the oxygen left, makes carbon dioxide, and the water rises after it has died. It is mostly the gas cooling. With more candles it rises higher, though there is no more oxygen."
  },
  before: [
    "What will the water inside do first: sink or rise?",
    "Will the water rise while it burns or afterwards?",
    "What changes with three candles?"
  ],
  after: [
    "Why did the water go down first?",
    "How could you show that there is still oxygen left?",
    "Why does a flask look faster?"
  ],
  elsewhere: [
    "A hot jar put upside down on a wet board sticks to it.",
    "Cupping glasses.",
    "A lid on a pot that sits fast after cooling."
  ]
};
var variants2 = (values) => {
  const { jarVolume, jarDiameter } = values.numbers;
  const sized = (name, volume, across, jarShape) => ({
    name,
    choices: { jarShape },
    numbers: { jarVolume: jarVolume * volume, jarDiameter: jarDiameter * across }
  });
  return sideBySide(
    "Jars side by side",
    values,
    simulate10,
    ["flameTime", "level", "share"],
    [
      sized("straight, half the size", 0.5, 0.794, "straight"),
      sized("straight, this size", 1, 1, "straight"),
      sized("straight, twice the size", 2, 1.26, "straight"),
      sized("flask with a neck, this size", 1, 1, "necked")
    ]
  );
};

// core/catalogue/hot-air/candle-jar/index.ts
var candleJar = defineDemonstration({
  id: "candle-jar",
  name: "Candle under a jar",
  summary: "A candle in a dish of water, a jar over it: the flame dies, and the water rises.",
  noun: ["try", "tries"],
  people: { performs: 11, watches: 7 },
  gates: gates10,
  cautions: cautions10,
  afterFailure: afterFailure10,
  gallery: {
    family: "hot-air",
    effect: "The flame shrinks and dies, and water climbs into the jar.",
    topics: ["combustion", "gas laws", "air pressure", "wrong ideas"],
    ages: [7, 18]
  },
  hushWords: { inside: "oxygen left of the air", strength: "" },
  wanted: "rises",
  columns: COLUMNS8,
  simulate: simulate10,
  inputs: inputs10,
  retired,
  check: check9,
  logged: logged10,
  results: results10,
  outcomes: outcomes10,
  ledger: ledger8,
  sizes: sizes8,
  shelf: shelf10,
  procedure: procedure10,
  kit: kit10,
  drawing: drawing10,
  why: why10,
  advice: advice3,
  explanation: explanation10,
  teaching: teaching9,
  variants: variants2
});

// core/catalogue/motion/canister-pop/cautions.ts
var gates11 = [
  {
    step: "stand",
    text: "Written assessment signed; trained staff only; everybody behind the line, nothing over the canister.",
    guards: ["fuel", "projectile", "flame"]
  },
  { step: "pop", text: "Eye and ear protection on; nobody forward; fire blanket at hand.", guards: [] }
];
var cautions11 = (_values, _s, risk) => applying(
  fuelMixture("stand"),
  projectile("the lid", atWorst(risk, "launchSpeed"), atWorst(risk, "reach"), atWorst(risk, "lidEnergy"), "stand"),
  bang(atWorst(risk, "levelFirstRow"), "pop")
);
var afterFailure11 = (_values, _s, _risk, outcome) => outcome === "beyond" ? [
  { kind: "stand-back", text: "Stop. Is anybody hit? First aid; an eye: do not rub, cover it, doctor." },
  ...fuelFailure(
    "it",
    "More room, or not at all: it flew as far as the people. It goes into the accident book."
  ).slice(1)
] : fuelFailure(
  "the lid",
  "No second try on the same day without the written steps: a lid that holds shuts a burning gas in."
);

// core/catalogue/motion/canister-pop/inputs.ts
var POOREST = 1;
var LETS_GO = 0.6;
function check10(values) {
  const most = LETS_GO * POOREST * values.numbers.stationPressure;
  return [
    ...noOxygen(values),
    ...values.numbers.releaseGauge > most ? [
      {
        input: "releaseGauge",
        message: say`given ${asPressure(values.numbers.releaseGauge, { digits: 4 })}; refused: a lid that
              tight may hold, and shuts a burning gas in; accepted: at most ${asPressure(most, {
          digits: 4,
          toward: "below"
        })}`
      }
    ] : []
  ];
}
var inputs11 = defineInputs([
  ...ROOM_INPUTS,
  blank("canisterVolume", "canister", "mL", "vessel", 6e-5, [5e-6, 5e-4], [2e-5, 3e-4], 0.03, {
    lever: [-3e-5, 1e-4]
  }),
  blank("lidDiameter", "lid", "mm", "vessel", 0.035, [8e-3, 0.12], [0.02, 0.08], 0.01),
  blank("lidMass", "lid weighs", "g", "vessel", 3e-3, [2e-4, 0.2], [1e-3, 0.03], 0.03),
  blank("lidTravel", "lid\u2019s rim deep", "mm", "vessel", 6e-3, [5e-4, 0.05], [2e-3, 0.02], 0.1),
  BURNS_IN,
  blank("standHeight", "stands over the floor", "m", "load", 1, [0, 3], [0, 1.5], 0.02),
  blank("firstRow", "first row from it", "m", "load", 12, [1, 100], [3, 30], 0.02, { lever: [-4, 5] }),
  coefficient(
    "releaseGauge",
    "overpressure at which the lid lets go",
    "kPa",
    45e3,
    [2e3, 7e5],
    [1e4, 2e5],
    0.35,
    "a push-on lid: pull it off with a spring balance and divide by its area; assumption"
  ),
  coefficient(
    "pressureRise",
    "pressure it could rise to, of the room\u2019s",
    "1",
    4.5,
    [1.2, WORST_RISE],
    [2, WORST_RISE],
    { shape: "triangular", below: 2.5, above: 3.5 },
    "closed and well mixed 7 to 8 (NFPA 68); a poor mixture less"
  ),
  coefficient(
    "burnTime",
    "it burns within",
    "s",
    0.03,
    [1e-3, 1],
    [5e-3, 0.1],
    0.4,
    "flame speed of a few m/s over some centimetres; assumption"
  ),
  coefficient(
    "soundShare",
    "share of the energy that becomes sound",
    "%",
    3e-4,
    [1e-6, 0.05],
    [1e-5, 5e-3],
    0.7,
    "bangs of small charges: thousandths and less; assumption"
  )
]);

// core/mechanisms/lid-launch.ts
var [GAUGE, PLACE, SPEED] = [0, 1, 2];
var CONTRACTION2 = 0.61;
var RING = 0.25;
var Launch = class {
  constructor(plan3, began) {
    this.plan = plan3;
    this.began = began;
    this.scale = Float64Array.of(0.01 * plan3.release + 100, 0.01 * plan3.travel, 0.1);
  }
  plan;
  began;
  size = 3;
  dependsOnTime = true;
  scale;
  derivatives(time, s, slope) {
    const { mass, area, diameter, travel, volume, outside, most, burnTime, gamma, hot } = this.plan;
    const gauge = s[GAUGE];
    const place = s[PLACE] > 0 ? s[PLACE] : 0;
    const lifted = place - travel;
    const larger = volume + area * Math.min(place, travel);
    const burning = this.began + time < burnTime ? most / burnTime : 0;
    const out = lifted > 0 && gauge > 0 ? nozzleFlow(CONTRACTION2 * Math.PI * diameter * lifted, outside + gauge, hot, outside) * AIR_GAS_CONSTANT * hot : 0;
    const expanding = lifted < 0 ? (outside + gauge) * area * s[SPEED] : 0;
    slope[GAUGE] = burning * volume / larger - gamma * (expanding + out) / larger;
    slope[PLACE] = s[SPEED];
    const share = lifted > 0 ? Math.max(0, 1 - lifted / (RING * diameter)) : 1;
    slope[SPEED] = Math.max(0, gauge) * area * share / mass;
  }
};
function launchLid(plan3, tolerance, record) {
  const { release, most, burnTime, travel, diameter } = plan3;
  if (release >= most) return { release: void 0, speed: 0, peakGauge: most, free: burnTime };
  const began = burnTime * release / most;
  const state3 = Float64Array.of(release, 0, 0);
  const ended = integratorOf(3).run(new Launch(plan3, began), state3, 0, 1, {
    tolerance,
    firstStep: 1e-5,
    between: record ? 2 : 0,
    onStep: record && ((t, s) => record(began + t, Math.max(0, s[GAUGE]), s[PLACE])),
    peaks: [{ id: "gauge", value: (_, s) => s[GAUGE] }],
    events: [{ id: "free", direction: 1, stops: true, value: (_, s) => s[PLACE] - travel - RING * diameter }]
  });
  return { release: began, speed: state3[SPEED], peakGauge: ended.peaks.gauge.value, free: began + ended.time };
}

// core/catalogue/motion/canister-pop/simulate.ts
var COLUMNS9 = [
  ...GAS_COLUMNS,
  { id: "height", name: "lid above the canister", quantity: "length" }
];
var TUMBLING = 0.6;
var HOT = 1200;
function simulate11(values, detail, refinement = 1) {
  const n = values.numbers;
  const outside = n.stationPressure;
  const temperature = n.airTemperature;
  const density = outside / (AIR_GAS_CONSTANT * temperature);
  const area = Math.PI * n.lidDiameter * n.lidDiameter / 4;
  const tolerance = stepTolerance(detail, refinement);
  const most = (n.pressureRise - 1) * outside;
  const rows = detail === "trace" ? new TraceRows(COLUMNS9) : void 0;
  const add = (time2, gauge, hot, h) => rows?.add(time2, {
    pressure: outside + gauge,
    gasTemperature: hot,
    airMass: (outside + gauge) * n.canisterVolume / (AIR_GAS_CONSTANT * hot),
    steamMass: 0,
    height: h
  });
  const warmth = (gauge) => temperature * (1 + gauge / outside);
  add(0, 0, temperature, 0);
  const launched = launchLid(
    {
      mass: n.lidMass,
      area,
      diameter: n.lidDiameter,
      travel: n.lidTravel,
      volume: n.canisterVolume,
      outside,
      release: n.releaseGauge,
      most,
      burnTime: n.burnTime,
      gamma: BURNT_GAMMA,
      hot: HOT
    },
    tolerance,
    rows && ((t, gauge, place) => add(t, gauge, warmth(gauge), place))
  );
  const opens = launched.release !== void 0;
  const rising = launched.release ?? n.burnTime;
  const { speed, peakGauge } = launched;
  const flyer = { mass: n.lidMass, area, drag: TUMBLING, density };
  const reach2 = opens ? longestReach(flyer, speed, n.standHeight) : 0;
  const energy = peakGauge * n.canisterVolume / (BURNT_GAMMA - 1);
  const level = pulseLevel(energy, n.soundShare, 3e-3, n.firstRow);
  if (!opens) {
    add(rising, most, warmth(most), 0);
    add(rising + 0.1, most, warmth(most), 0);
  }
  const flight = straightUp(
    flyer,
    speed,
    tolerance,
    rows && ((t, h) => add(launched.free + t, 0, temperature * 1.6, h))
  );
  const rise = flight.rise;
  const time = opens ? launched.free + flight.time : rising;
  return {
    results: {
      ...opens && { launchSpeed: speed, reach: reach2, riseHeight: rise, hush: rising },
      lidEnergy: n.lidMass * speed * speed / 2,
      levelFirstRow: level,
      peakPressureDifference: peakGauge,
      clearNeeded: reach2 + 1,
      storedEnergy: energy
    },
    events: opens ? [{ id: "pop", name: "pops", time: rising }] : [],
    outcome: !opens ? "holds" : reach2 > n.firstRow ? "beyond" : "clear",
    details: {
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      difference: peakGauge,
      area,
      ...opens && { goneAt: rising }
    },
    trace: rows && (() => {
      rows.stage("hush", "rise", rising);
      rows.stage("after", "flight", opens ? time : time + 0.1);
      return rows.finish();
    })()
  };
}

// core/catalogue/motion/canister-pop/outcomes.ts
var logged11 = { used: ["canisterVolume", "firstRow"], seen: ["riseHeight"] };
var results11 = [
  result("launchSpeed", "lid leaves at", "m/s"),
  result("reach", "could fly", "m"),
  result("riseHeight", "straight up it rises", "m"),
  result("clearNeeded", "keep clear", "m"),
  result("lidEnergy", "energy of the lid", "J"),
  result("levelFirstRow", "bang at the first row", "dB"),
  result("peakPressureDifference", "greatest pressure difference", "kPa"),
  result("storedEnergy", "work stored in the gas", "J"),
  result("hush", "lit until it pops", "s", HUSH)
];
var outcomes11 = [
  {
    id: "clear",
    look: "gone",
    name: "pops and lands in the cleared space",
    sentence: "The lid flies off and lands in front of the first row."
  },
  {
    id: "beyond",
    look: "harm",
    name: "could reach the first row",
    sentence: "The lid flies off and reaches the people."
  },
  { id: "holds", look: "nothing", name: "lid holds", sentence: "The lid stays on." }
];
var ledger9 = ({ details: d }) => ({
  moment: "as the lid lets go: a negative difference is more inside than outside",
  difference: -d.difference,
  rows: [{ id: "cooling", cause: "hot gas that wants more room", pressure: -d.difference }]
});
var sizes9 = (_values, s) => [
  {
    id: "lidEnergy",
    name: "energy of the lid",
    value: s.results.lidEnergy,
    quantity: "energy",
    units: ["J", "ft lbf"],
    note: say`${asEnergy(3)} hurt an eye for good`
  },
  {
    id: "storedEnergy",
    name: "work stored in the gas",
    value: s.results.storedEnergy,
    quantity: "energy",
    units: ["J", "ft lbf"],
    note: "as the lid lets go"
  }
];

// core/catalogue/motion/canister-pop/procedure.ts
var shelf11 = [];
var procedure11 = [
  {
    id: "stand",
    hazards: ["fuel", "flame"],
    parts: [
      "Clamp the canister (",
      { input: "canisterVolume" },
      ", lid ",
      { input: "lidDiameter" },
      ", ",
      { input: "lidMass" },
      ", rim ",
      { input: "lidTravel" },
      " deep; burns in ",
      { input: "burnsIn" },
      ") upright, ",
      { input: "standHeight" },
      " over the floor, lid up and away from lamps and detectors; first row ",
      { input: "firstRow" },
      " away. ",
      OPEN_QUESTION
    ]
  },
  {
    id: "pop",
    hazards: ["fuel", "projectile"],
    marks: ["sealed"],
    parts: ["By the school\u2019s own written steps, from behind a screen, at arm\u2019s length, on a count."],
    duration: (s) => s.results.hush
  },
  { id: "air", parts: ["Flame out, lid found, canister aired and cold before anything is done again."] }
];
var kit11 = () => [
  "canister with a push-on lid, unmarked by earlier use",
  "clamp and stand",
  "screen",
  "eye and ear protection for all",
  "fire blanket and extinguisher",
  "barrier tape",
  "the signed assessment"
];

// core/catalogue/motion/canister-pop/drawing.ts
var drawing11 = (values, s, time) => {
  const n = values.numbers;
  const [height, pressure] = ["height", "pressure"].map((c) => valueAt(s.trace, c, time));
  const d = n.lidDiameter;
  const tall = n.canisterVolume / (0.785 * d * d);
  const room = Math.max(tall * 3.4, d * 4);
  const most = Math.max(room - tall - d, 0.01);
  const up = height <= 0 ? 0 : most * height / Math.max(s.results.riseHeight ?? 1, 1e-6);
  const shapes = [
    {
      kind: "gas",
      points: rectangle(-d / 2, 2e-3, d, tall),
      air: Math.min(1.6, pressure / n.stationPressure) * 0.5,
      vapour: Math.min(1, 0.3 * pressure / n.stationPressure)
    },
    {
      kind: "body",
      points: [
        [-d / 2, tall],
        [-d / 2, 2e-3],
        [d / 2, 2e-3],
        [d / 2, tall]
      ],
      stuff: "metal",
      open: true,
      thick: 4
    },
    { kind: "body", points: rectangle(-d * 0.54, tall + up, d * 1.08, n.lidTravel), stuff: "ink" },
    { kind: "push", stuff: "inside-air", from: [0, tall * 0.45], to: [0, tall * 0.92] },
    { kind: "note", at: [d * 1.1, tall * 0.6], anchor: "start", stuff: "ink", said: ["inside ", kPa(pressure)] },
    {
      kind: "note",
      at: [d * 1.1, tall * 0.25],
      anchor: "start",
      stuff: "outside-air",
      said: ["outside ", kPa(n.stationPressure)]
    },
    ...height > 0.01 ? [
      {
        kind: "note",
        at: [-d * 1.1, tall + up],
        anchor: "end",
        stuff: "danger",
        said: [said(height, "length", "m", "ft"), " up"]
      }
    ] : []
  ];
  return {
    frame: { left: -room, right: room, bottom: 0, top: room },
    shapes,
    caption: [height > 0.01 ? "Off. (Its height is not to scale.)" : "The gas gets hot and wants more room."]
  };
};

// core/catalogue/motion/canister-pop/teaching.ts
var why11 = (values, s) => [
  say`At ${asPressure(values.numbers.releaseGauge)} over the room the gas pushes on the lid with
    ${asForce(s.details.area * values.numbers.releaseGauge)}. It leaves at ${asSpeed(s.results.launchSpeed ?? 0)}
    with ${asEnergy(s.results.lidEnergy)}, and could land ${asLength(s.results.reach ?? 0)} away.`,
  OPEN_QUESTION
];
var advice4 = (_values, _s, risk) => [
  {
    text: say`Keep at least ${asLength(atWorst(risk, "clearNeeded"), { toward: "above" })} (99 of 100 land within) clear
      all round, and more where you can: one mixture burns faster than the next.`
  },
  {
    text: "Places: presenter at arm\u2019s length beside it, never over it; helper with blanket and extinguisher two steps behind; somebody at the door; everybody else beyond the line."
  }
];
var explanation11 = (values, s) => [
  {
    from: 7,
    text: "A tiny flame makes the air in the can very hot, all at once. Hot air wants more room and pushes the lid away."
  },
  {
    from: 11,
    text: say`The lid holds until the inside pushes ${asPressure(values.numbers.releaseGauge)} harder than the
      room. Then everything goes at once: that is the bang.`
  },
  {
    from: 14,
    text: say`Chemical energy becomes heat, pressure, motion (${asEnergy(s.results.lidEnergy)} in the lid) and
      sound (${Math.round(s.results.levelFirstRow)} dB at the first row).`
  },
  {
    from: 16,
    text: "The lid lets go at a pressure well under what a closed vessel would reach (7 to 8 times). While it slides off its rim the gas expands, V dp = \u2212\u03B3 p dV, and goes on burning; afterwards the jet under it pushes for about a quarter of its width. A tighter lid is more dangerous, not just louder."
  }
];

// core/catalogue/motion/canister-pop/index.ts
var canisterPop = defineDemonstration({
  id: "canister-pop",
  name: "Popping canister",
  summary: "Burning vapour drives the lid off a small canister. Planned here: places, limits, distances; no recipe.",
  noun: ["canister", "canisters"],
  people: { performs: 18, watches: 11 },
  gates: gates11,
  cautions: cautions11,
  afterFailure: afterFailure11,
  gallery: {
    family: "motion",
    effect: "A lid flies off a little can with a bang.",
    topics: ["combustion", "gas laws", "energy", "motion"],
    ages: [11, 18]
  },
  hushWords: { inside: "gas in the canister", strength: "" },
  wanted: "clear",
  columns: COLUMNS9,
  check: check10,
  simulate: simulate11,
  teaching: FUEL_TEACHING,
  inputs: inputs11,
  logged: logged11,
  results: results11,
  outcomes: outcomes11,
  ledger: ledger9,
  sizes: sizes9,
  shelf: shelf11,
  procedure: procedure11,
  kit: kit11,
  drawing: drawing11,
  why: why11,
  advice: advice4,
  explanation: explanation11
});

// core/catalogue/holding/card-and-glass/cautions.ts
var gates12 = [
  { step: "turn", text: "Over a bowl, never over a head at first.", guards: ["load"] }
];
var cautions12 = ({ numbers: n }) => applying(dropped("turn"), wetFloor(n.fillShare * 0.785 * n.glassDiameter * n.glassDiameter * n.glassHeight, "turn"));
var afterFailure12 = (_values, _s, _risk, outcome) => [
  wait("Hold it over the bowl until no more comes."),
  pressureOff("Glass upright again."),
  near("Look at the rim for a chip; wipe the floor before anybody walks there."),
  next(
    outcome === "later" ? "The card went limp: plastic instead, or a shorter time." : "A flat, stiff card, pressed on while turning; rim wetted; filled nearer to the brim."
  )
];

// core/mechanisms/card-under-glass.ts
var SURFACE_TENSION2 = 0.0727;
function neededFall({ diameter, height, filled, card: card2, density }) {
  return density * GRAVITY * height * filled + card2 * GRAVITY / (Math.PI * diameter * diameter / 4);
}
function sag(glass) {
  const fall = neededFall(glass);
  return fall >= glass.outside ? Infinity : glass.height * (1 - glass.filled) * fall / (glass.outside - fall);
}
var sealedGap = (density, factor) => factor * Math.sqrt(SURFACE_TENSION2 / (density * GRAVITY));

// core/catalogue/holding/card-and-glass/simulate.ts
var COLUMNS10 = [
  ...GAS_COLUMNS,
  { id: "turned", name: "turned over", quantity: "fraction" },
  { id: "sag", name: "card hangs lower by", quantity: "length" },
  { id: "waterLeft", name: "water in the glass", quantity: "fraction" }
];
var TURN = 1.2;
var SPILL = 0.6;
var glassOf = ({ numbers: n }) => ({
  diameter: n.glassDiameter,
  height: n.glassHeight,
  filled: n.fillShare,
  card: n.cardMass,
  outside: n.stationPressure,
  density: liquidDensity(Math.max(274, n.waterTemperature))
});
function badFills(values) {
  const glass = glassOf(values);
  const gap = sealedGap(glass.density, values.numbers.rimSeal);
  let bad;
  for (let filled = 0.02; filled < 0.995; filled += 0.01) {
    if (sag({ ...glass, filled }) > gap) bad = [bad?.[0] ?? filled, filled];
  }
  return bad;
}
function simulate12(values, detail) {
  const n = values.numbers;
  const glass = glassOf(values);
  const outside = n.stationPressure;
  const temperature = n.waterTemperature;
  const area = Math.PI * n.glassDiameter * n.glassDiameter / 4;
  const gap = sealedGap(glass.density, n.rimSeal);
  const needed2 = sag(glass);
  const fall = neededFall(glass);
  const air = outside * area * n.glassHeight * (1 - n.fillShare);
  const turnFails = needed2 > gap;
  const holds = n.soakTime;
  const later = !turnFails && holds < n.holdTime;
  const rows = detail === "trace" ? new TraceRows(COLUMNS10) : void 0;
  const add = (time, turned2, hangs, left) => {
    const volume = area * (n.glassHeight * (1 - n.fillShare * left) + hangs);
    rows?.add(time, {
      pressure: left < 0.999 ? outside : volume > 0 ? Math.min(outside, air / volume) : outside,
      gasTemperature: temperature,
      airMass: (left < 0.999 ? outside * volume : air) / (AIR_GAS_CONSTANT * temperature),
      steamMass: 0,
      turned: turned2,
      sag: hangs,
      waterLeft: left
    });
  };
  for (let i = 0; i <= 12; i++) add(TURN * i / 12, i / 12, i < 8 ? 0 : Math.min(gap, needed2) * (i - 8) / 4, 1);
  const goneAt = turnFails ? TURN : later ? TURN + holds : void 0;
  const end = goneAt ?? TURN + n.holdTime;
  for (let i = 1; i <= 10; i++) add(TURN + (end - TURN) * i / 10, 1, Math.min(gap, needed2), 1);
  if (goneAt !== void 0) for (let i = 1; i <= 8; i++) add(goneAt + SPILL * i / 8, 1, 0.01, 1 - i / 8);
  return {
    results: {
      sag: Math.min(needed2, 0.1),
      sealedGap: gap,
      peakPressureDifference: fall,
      waterWeight: glass.density * 9.80665 * area * n.glassHeight * n.fillShare,
      airPush: outside * area,
      waterHeld: glass.density * area * n.glassHeight * n.fillShare,
      ...goneAt !== void 0 && { hush: goneAt }
    },
    events: goneAt === void 0 ? [] : [{ id: "falls", name: "falls", time: goneAt }],
    outcome: turnFails ? "falls" : later ? "later" : "holds",
    details: {
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      difference: fall,
      margin: gap / Math.max(needed2, 1e-9),
      ...goneAt !== void 0 && { goneAt }
    },
    trace: rows && (() => {
      rows.stage("turn", "turn", TURN);
      rows.stage("hush", "hold", end);
      rows.stage("after", "spill", goneAt === void 0 ? end : goneAt + SPILL);
      return rows.finish();
    })()
  };
}

// core/catalogue/holding/card-and-glass/inputs.ts
var CARDS = {
  plastic: { name: "a stiff plastic card", mass: 6e-3, soak: 3e4, seal: 0.3 },
  card: { name: "smooth cardboard", mass: 3e-3, soak: 240, seal: 0.34 },
  paper: { name: "writing paper", mass: 8e-4, soak: 35, seal: 0.36 }
};
var card = ({ choices }) => CARDS[choices.card ?? ""] ?? CARDS.card;
var CELSIUS3 = 273.15;
var MOST_WATER = 5e-3;
var inputs12 = defineInputs([
  ...ROOM_INPUTS,
  blank("glassDiameter", "glass across at the rim", "cm", "vessel", 0.07, [0.01, 0.3], [0.04, 0.12], 0.01),
  blank("glassHeight", "glass high inside", "cm", "vessel", 0.12, [0.02, 1.5], [0.06, 0.4], 0.01),
  blank(
    "fillShare",
    "filled to",
    "%",
    "water",
    0.7,
    [0.02, 1],
    [0.1, 1],
    { shape: "normal", absolute: 0.03 },
    { lever: [-0.3, 0.25] }
  ),
  blank(
    "waterTemperature",
    "water",
    "degC",
    "water",
    CELSIUS3 + 18,
    [CELSIUS3 + 1, CELSIUS3 + 60],
    [CELSIUS3 + 5, CELSIUS3 + 40],
    { shape: "normal", absolute: 2 }
  ),
  {
    id: "card",
    name: "card",
    kind: "choice",
    group: "load",
    default: "card",
    lever: true,
    choices: Object.entries(CARDS).map(([id, { name }]) => ({ id, name }))
  },
  blank("holdTime", "held over for", "s", "load", 20, [0.5, 3600], [3, 120], 0.1, { lever: [-10, 40] }),
  coefficient("cardMass", "card", "g", (v) => card(v).mass, [1e-4, 0.2], [5e-4, 0.02], 0.15, "by the kind; weigh it"),
  coefficient(
    "rimSeal",
    "gap that stays closed, of the capillary length",
    "%",
    (v) => card(v).seal,
    [0.01, 1.5],
    [0.1, 0.8],
    0.25,
    "a wet, flat rim; chipped or greasy rims a tenth; assumption, the capillary length is 2.7 mm"
  ),
  coefficient(
    "soakTime",
    "card goes limp after",
    "s",
    (v) => card(v).soak,
    [1, 1e5],
    [10, 1e4],
    0.4,
    "by the kind; assumption"
  )
]);
var check11 = ({ numbers: n }) => {
  const water = n.fillShare * Math.PI / 4 * n.glassDiameter * n.glassDiameter * n.glassHeight;
  return water <= MOST_WATER ? [] : [
    {
      input: "glassHeight",
      message: say`given ${asLength(n.glassHeight, { digits: 4 })}; refused:
            ${asMass(1e3 * water, { digits: 4 })} of water held up by a card; accepted: at most
            ${asMass(1e3 * MOST_WATER, { digits: 4, toward: "below" })} in all`
    }
  ];
};

// core/catalogue/holding/card-and-glass/outcomes.ts
var logged12 = { used: ["fillShare", "glassHeight", "card"], seen: ["hush"] };
var results12 = [
  result("sag", "card must hang lower by", "mm"),
  result("sealedGap", "and may by", "mm"),
  result("peakPressureDifference", "trapped air falls by", "Pa"),
  result("waterHeld", "water held", "g"),
  result("waterWeight", "it weighs", "N"),
  result("airPush", "room pushes up on the card with", "N"),
  result("hush", "holds for", "s", HUSH)
];
var outcomes12 = [
  { id: "holds", look: "gone", name: "holds", sentence: "The card stays and the water with it." },
  {
    id: "later",
    look: "partly",
    name: "holds, then falls",
    sentence: "It holds for a while, then the card goes limp and the water falls."
  },
  {
    id: "falls",
    look: "nothing",
    name: "falls at once",
    sentence: "The card slips and the water falls as it is turned."
  }
];
var ledger10 = ({ details: d }) => ({
  moment: "turned over",
  difference: d.difference,
  rows: [
    { id: "stretched", cause: "trapped air, given a little more room as the card hangs lower", pressure: d.difference }
  ]
});
var sizes10 = (_values, s) => [
  {
    id: "airPush",
    name: "room pushing up",
    value: s.results.airPush,
    quantity: "force",
    units: ["N", "lbf"],
    note: "outside pressure \xD7 the rim\u2019s area"
  },
  {
    id: "waterWeight",
    name: "water held",
    value: s.results.waterWeight,
    quantity: "force",
    units: ["N", "lbf"],
    note: "its weight"
  }
];

// core/catalogue/holding/card-and-glass/procedure.ts
var shelf12 = [];
var procedure12 = [
  {
    id: "fill",
    parts: [
      "Fill a glass, ",
      { input: "glassDiameter" },
      " across and ",
      { input: "glassHeight" },
      " high, to ",
      { input: "fillShare" },
      " of its height with water at ",
      { input: "waterTemperature" },
      "; wet its rim."
    ]
  },
  {
    id: "turn",
    hazards: ["load"],
    marks: ["sealed"],
    parts: ["Lay ", { input: "card" }, " on it, hand flat against it, and turn it over above a bowl."]
  },
  {
    id: "hold",
    parts: ["Take the hand away and hold it for ", { input: "holdTime" }, "."],
    duration: (s) => s.results.hush
  }
];
var kit12 = (values) => [
  "glass or tumbler",
  card(values).name,
  "bowl",
  "water",
  "mop",
  "ruler"
];

// core/catalogue/holding/card-and-glass/drawing.ts
var drawing12 = (values, s, time) => {
  const n = values.numbers;
  const [turned2, hang, left, pressure] = ["turned", "sag", "waterLeft", "pressure"].map(
    (c) => valueAt(s.trace, c, time)
  );
  const [d, h] = [n.glassDiameter, n.glassHeight];
  const over2 = turned2 >= 0.5;
  const base = 0.35 * h + 0.15 * h;
  const narrow = 0.82;
  const wall = over2 ? [
    [-d / 2, base],
    [-d / 2 * narrow, base + h],
    [d / 2 * narrow, base + h],
    [d / 2, base]
  ] : [
    [-d / 2, base + h],
    [-d / 2 * narrow, base],
    [d / 2 * narrow, base],
    [d / 2, base + h]
  ];
  const level = n.fillShare * left * h;
  const at4 = (y) => d / 2 * (over2 ? 1 - (1 - narrow) * y / h : narrow + (1 - narrow) * y / h);
  const low = base - Math.min(0.06 * h, hang * 10);
  const shapes = [
    { kind: "gas", points: wall, air: pressure / n.stationPressure, vapour: 0 },
    {
      kind: "body",
      points: [
        [-at4(0), over2 ? low : base],
        [-at4(level), base + level],
        [at4(level), base + level],
        [at4(0), over2 ? low : base]
      ],
      stuff: "water",
      opacity: 0.85
    },
    { kind: "body", points: wall, stuff: "glass", open: true, thick: 3 },
    ...left > 0.98 ? [
      {
        kind: "body",
        points: rectangle(-d * 0.65, over2 ? low - 0.02 * h : base + h, d * 1.3, 0.02 * h),
        stuff: "card"
      }
    ] : [{ kind: "body", points: rectangle(-d * 0.5, 0.05 * h, d * 1.3, 0.02 * h), stuff: "card" }],
    {
      kind: "body",
      points: [
        [-d * 1.1, 0.28 * h],
        [-d * 0.9, 0],
        [d * 0.9, 0],
        [d * 1.1, 0.28 * h]
      ],
      stuff: "metal",
      open: true,
      thick: 2
    },
    ...left < 0.98 ? [
      { kind: "body", points: rectangle(-d * 0.3, 0.03 * h, d * 0.6, base), stuff: "water", opacity: 0.6 },
      {
        kind: "body",
        points: rectangle(-d * 0.95, 0.01 * h, d * 1.9, 0.1 * h),
        stuff: "water",
        opacity: 0.6
      }
    ] : [],
    ...over2 && left > 0.98 ? [-0.5, 0, 0.5].map((x) => ({
      kind: "push",
      stuff: "outside-air",
      from: [x * d, low - 0.26 * h],
      to: [x * d, low - 0.04 * h]
    })) : [],
    {
      kind: "note",
      at: [d * 0.85, base + h * 0.85],
      anchor: "start",
      stuff: "ink",
      said: ["trapped air ", kPa(pressure)]
    },
    {
      kind: "note",
      at: [d * 0.85, base - 0.1 * h],
      anchor: "start",
      stuff: "outside-air",
      said: ["outside ", kPa(n.stationPressure)]
    },
    ...over2 ? [
      {
        kind: "note",
        at: [-d * 0.85, base],
        anchor: "end",
        stuff: "ink",
        said: ["card lower by ", said(hang, "length", "mm", "in")]
      }
    ] : []
  ];
  return {
    frame: { left: -1.9 * h, right: 1.9 * h, bottom: 0, top: base + 1.08 * h },
    shapes,
    caption: [
      left < 0.98 ? "Down it comes." : over2 ? "The room pushes up; the card hangs a hair lower (drawn ten times as much)." : "Hand flat on the card, turn."
    ]
  };
};

// core/catalogue/holding/card-and-glass/teaching.ts
var why12 = (values, s) => [
  say`The room pushes up with ${asForce(s.results.airPush)}, the water weighs only
    ${asForce(s.results.waterWeight)}: no lack of push. But the trapped air pushes down nearly as hard. It must
    lose ${asPressure(s.results.peakPressureDifference)}, and it does so by the card hanging
    ${asLength(s.results.sag)} lower; the wet rim stays closed up to ${asLength(s.results.sealedGap)}.`,
  ...s.outcome === "later" ? [say`Then the card goes limp, after ${asTime(values.numbers.soakTime)}.`] : s.outcome === "falls" ? ["That is more than the rim keeps closed: air gets in."] : []
];
var advice5 = (values) => {
  const bad = badFills(values);
  return [
    bad ? {
      text: say`With this glass it falls between ${asShare(bad[0])} and ${asShare(bad[1])} full: fill it to
            the brim, or take a shorter glass.`,
      take: { input: "fillShare", value: Math.min(1, bad[1] + 0.05) }
    } : { text: "This glass holds however full it is; half full asks most of it." }
  ];
};
var explanation12 = (values, s) => [
  { from: 7, text: "The air under the card pushes up, and it is stronger than the water is heavy." },
  {
    from: 11,
    text: say`Air pushes on the card from below with ${asForce(s.results.airPush)}; the water is only
      ${asForce(s.results.waterWeight)}. The wet rim keeps air from slipping in.`
  },
  {
    from: 14,
    text: say`There is air in the glass as well. When the card hangs ${asLength(s.results.sag)} lower, that air
      has a little more room and its pressure falls by ${asPressure(s.results.peakPressureDifference)}: just what
      carries the water.`
  },
  {
    from: 16,
    text: say`p0 V/(V + A s) + ρ g h = p0 gives s = H(1 − f) ρ g h/(p0 − ρ g h): greatest at half full. The film
      closes gaps up to about a third of the capillary length √(σ/ρg) = ${asLength(27e-4)}. In a glass
      ${asLength(1)} wide it would not hold, ${asPressure(values.numbers.stationPressure)} or not.`
  }
];
var teaching10 = {
  wrongIdea: {
    idea: "It only works with a full glass, because no air may be inside.",
    answer: "It works half full as well. The air inside spreads a hair and pushes that much less. In a very tall glass half full it fails."
  },
  before: ["Does it work half full? With hot water?", "What will happen at the first hole in the card?"],
  after: ["What did the air inside do?", "Why must the rim be wet?"],
  elsewhere: [
    "A straw with a finger on it.",
    "A pet\u2019s water bottle.",
    "A wine siphon.",
    "A water cooler\u2019s upturned bottle."
  ]
};

// core/catalogue/holding/card-and-glass/index.ts
var cardAndGlass = defineDemonstration({
  id: "card-and-glass",
  name: "Card under a glass",
  summary: "A glass of water, a card on it, turned over: the card stays.",
  noun: ["try", "tries"],
  people: { performs: 6, watches: 7 },
  gates: gates12,
  cautions: cautions12,
  afterFailure: afterFailure12,
  gallery: {
    family: "holding",
    effect: "A glass of water is turned over, and nothing comes out.",
    topics: ["air pressure", "gas laws", "surface tension"],
    ages: [7, 14]
  },
  hushWords: { inside: "air over the water", strength: "" },
  wanted: "holds",
  columns: COLUMNS10,
  simulate: simulate12,
  inputs: inputs12,
  check: check11,
  logged: logged12,
  results: results12,
  outcomes: outcomes12,
  ledger: ledger10,
  sizes: sizes10,
  shelf: shelf12,
  procedure: procedure12,
  kit: kit12,
  drawing: drawing12,
  why: why12,
  advice: advice5,
  explanation: explanation12,
  teaching: teaching10
});

// core/catalogue/cloud-and-float/cloud-bottle/cautions.ts
var spirits = (choices) => choices.liquid === "ethanol";
var FLIES = 40;
var gates13 = [
  {
    step: "bottle",
    text: "Bottle new, for fizzy drinks, without a scratch. With spirits: no flame, match or hot plate in the room, stock bottle away.",
    guards: ["pressure", "flame"]
  },
  { step: "press", text: "Goggles on; stopper towards nobody; gauge in view.", guards: ["projectile"] }
];
var cautions13 = ({ numbers: n, choices }, _s, risk) => {
  const push = atWorst(risk, "stopperForce");
  return applying(
    spirits(choices) ? flammable("Ethanol", n.spirits, "bottle") : void 0,
    pressurised(atWorst(risk, "peakPressureDifference"), n.pressureRating, "press"),
    choices.way === "squeeze" ? void 0 : {
      id: "stopper",
      step: "press",
      severity: push > FLIES ? "raised" : "usual",
      covers: ["projectile"],
      hazard: say`The stopper is pushed with up to ${asForce(push)} and flies, also while it is pumped.`,
      control: "A valve, or a stopper tied to the pump; aim it at the ceiling; goggles for all.",
      number: { name: "push, 99 of 100", value: push, quantity: "force", units: ["N", "lbf"], raisedFrom: FLIES }
    },
    choices.nuclei === "smoke" ? {
      id: "match",
      step: "nuclei",
      severity: "usual",
      covers: ["flame"],
      hazard: "A match is lit for the smoke.",
      control: "An adult lights it; hair and sleeves back; out before it goes near the mouth; wet cloth at hand."
    } : void 0
  );
};
var afterFailure13 = ({ choices }, _s, _risk, outcome) => [
  standBack("Stopper or cap pointing at nobody; nobody looks into the mouth."),
  pressureOff("Let the pressure off: open the valve or the cap slowly, until it hisses no more."),
  near(
    choices.way === "squeeze" ? "Cap tight? Liquid all over the wall?" : "Stopper and hose tight? Liquid all over the wall?"
  ),
  next(
    spirits(choices) ? "Swirl again for longer, " + (outcome === "faint" ? "light from the side, black behind" : "more pressure (within the limit), let go faster") + ". No smoke, no match: spirits need none, and burn." : choices.nuclei === "smoke" ? outcome === "faint" ? "Light from the side, black behind; let go faster; warmer water." : "Fresh smoke, since it settles within minutes; warmer water; let go faster." : `A wisp of smoke (water only, never with spirits)${outcome === "faint" ? "" : ", warmer water"}; let go faster; light from the side.`
  )
];

// core/substances/ethanol.ts
var ETHANOL_MOLAR_MASS = 0.04607;
var ETHANOL_LATENT_HEAT = 92e4;
var ETHANOL_DENSITY = 789;
var [A, B, C] = [5.37229, 1670.409, -40.191];
var LN_103 = 2.302585092994046;
function ethanolVapourPressure(temperature) {
  requireRange("temperature", temperature, 220, 352, "K");
  return 1e5 * exp(LN_103 * (A - B / (temperature + C)));
}

// core/mechanisms/moist-expansion.ts
function overLiquidWater(temperature) {
  const celsius = Math.max(temperature, 190) - 273.15;
  return 611.2 * exp(17.67 * celsius / (celsius + 243.5));
}
var CONDENSABLES = {
  water: {
    molarMass: WATER_MOLAR_MASS,
    latentHeat: 248e4,
    density: 1e3,
    saturation: overLiquidWater,
    diffusion: 24e-6,
    // 75.6 mN/m at 0 °C, 72.7 at 20 °C (IAPWS R1-76(2014)), carried on in a straight line.
    surfaceTension: (t) => 0.07565 - 148e-6 * (t - 273.15)
  },
  ethanol: {
    molarMass: ETHANOL_MOLAR_MASS,
    latentHeat: ETHANOL_LATENT_HEAT,
    density: ETHANOL_DENSITY,
    // A trial step may hold no number at all; it is refused afterwards.
    saturation: (t) => ethanolVapourPressure(t > 220 ? Math.min(352, t) : 220),
    diffusion: 11e-6,
    // 22.4 mN/m at 20 °C, 24.1 at 0 °C (CRC Handbook, from memory).
    surfaceTension: (t) => 0.0241 - 85e-6 * (t - 273.15)
  }
};
var MIST = { temperature: 0, air: 1, vapour: 2, liquid: 3, drops: 4 };
var SIZE3 = 5;
var MOLAR_HEAT2 = 29.2;
var SMALLEST = 1e-7;
var BOLTZMANN = 1380649e-29;
var AVOGADRO = 602214076e15;
var [REFRACTION, LIGHT] = [0.33, 55e-8];
function homogeneousNucleation(substance, ratio, partial, temperature) {
  if (!(ratio > 1.5)) return 0;
  const thermal = BOLTZMANN * temperature;
  const molecule = substance.molarMass / AVOGADRO;
  const size = molecule / substance.density;
  const tension = substance.surfaceTension(temperature);
  const excess = ln(ratio);
  const barrier = 16 * Math.PI / 3 * tension * tension * tension * size * size / (thermal * thermal * thermal * excess * excess);
  if (barrier > 200) return 0;
  const number = partial / thermal;
  return Math.sqrt(2 * tension / (Math.PI * molecule)) * size * number * number * exp(-barrier);
}
var MoistGas = class {
  constructor(plan3) {
    this.plan = plan3;
    const moles = plan3.from * plan3.volume / (GAS_CONSTANT * plan3.start);
    this.scale = Float64Array.of(
      2,
      0.01 * moles,
      1e-3 * moles,
      1e-5 * plan3.volume * 10,
      1e-3 * plan3.nuclei.number * plan3.volume
    );
    this.reference[MIST.temperature] = plan3.wall;
    this.reference[MIST.air] = moles;
    this.molarLatent = plan3.substance.latentHeat * plan3.substance.molarMass;
  }
  plan;
  size = SIZE3;
  scale;
  reference = new Float64Array(SIZE3);
  amounts = [MIST.air, MIST.vapour];
  dependsOnTime = true;
  molarLatent;
  pressure(time) {
    const { from, to, release, again } = this.plan;
    if (again && time >= again.at) {
      const low = to + (from - to) * exp(-again.at / release);
      return low + (from - low) * Math.min(1, (time - again.at) / again.within);
    }
    return to + (from - to) * exp(-time / release);
  }
  pressureRate(time) {
    const { from, to, release, again } = this.plan;
    if (again && time >= again.at)
      return time < again.at + again.within ? (from - this.pressure(again.at)) / again.within : 0;
    return -(from - to) / release * exp(-time / release);
  }
  partial(time, s) {
    return s[MIST.vapour] / (s[MIST.air] + s[MIST.vapour]) * this.pressure(time);
  }
  ratio(time, s) {
    return this.partial(time, s) / this.plan.substance.saturation(s[MIST.temperature]);
  }
  radius(s) {
    const drops = s[MIST.drops];
    const liquid = s[MIST.liquid];
    return drops > 1 && liquid > 0 ? pow(3 * liquid / (4 * Math.PI * this.plan.substance.density * drops), 1 / 3) : 0;
  }
  /** Extinction across the path, see `opticalDepth`. */
  depth(s) {
    return opticalDepth(
      { liquid: s[MIST.liquid] / this.plan.volume, radius: this.radius(s) },
      this.plan.substance.density,
      this.plan.path
    );
  }
  derivatives(time, s, slope) {
    const { volume, wall, area, transfer: transfer2, substance } = this.plan;
    const pressure = this.pressure(time);
    const rate = this.pressureRate(time);
    const temperature = s[MIST.temperature];
    const air = s[MIST.air];
    const vapour = s[MIST.vapour];
    const moles = air + vapour;
    const partial = vapour / moles * pressure;
    const saturated = substance.saturation(temperature);
    const drops = s[MIST.drops] > 0 ? s[MIST.drops] : 0;
    const liquid = s[MIST.liquid] > 0 ? s[MIST.liquid] : 0;
    let turned2 = 0;
    if (drops > 1) {
      const radius = pow(
        SMALLEST * SMALLEST * SMALLEST + 3 * liquid / (4 * Math.PI * substance.density * drops),
        1 / 3
      );
      turned2 = 4 * Math.PI * substance.diffusion * (101325 / pressure) * radius * drops * (partial - saturated) / (GAS_CONSTANT * temperature);
      if (turned2 < 0) turned2 *= liquid / (liquid + 1e-9 * volume);
    }
    const heat2 = transfer2 * area * (wall - temperature) + volume * rate + this.molarLatent * turned2;
    const fits = pressure * volume / (GAS_CONSTANT * temperature);
    let warming = heat2 / (moles * MOLAR_HEAT2);
    let coming = fits * (rate / pressure - warming / temperature) + turned2;
    if (coming > 0) {
      warming = (heat2 + MOLAR_HEAT2 * (wall - temperature) * (fits * rate / pressure + turned2)) / (moles * MOLAR_HEAT2 * wall / temperature);
      coming = fits * (rate / pressure - warming / temperature) + turned2;
    }
    const leaving = coming < 0 ? -coming / moles : 0;
    slope[MIST.temperature] = warming;
    slope[MIST.air] = coming > 0 ? coming : -leaving * air;
    slope[MIST.vapour] = -turned2 - leaving * vapour;
    slope[MIST.liquid] = turned2 * substance.molarMass - leaving * liquid;
    slope[MIST.drops] = homogeneousNucleation(substance, partial / saturated, partial, temperature) * volume - leaving * drops;
  }
};
function opticalDepth({ liquid, radius }, density, path) {
  if (!(radius > 0) || !(liquid > 0)) return 0;
  const shift = 4 * Math.PI * radius / LIGHT * REFRACTION;
  return 1.5 * liquid / (density * radius) * path * shift * shift / (shift * shift + 4);
}
function expand(plan3, until, threshold, tolerance, onStep) {
  const { from, to, release, start, volume, wall, nuclei } = plan3;
  const system = new MoistGas(plan3);
  const moles = from * volume / (GAS_CONSTANT * start);
  const share = Math.min(0.6, plan3.vapour / from);
  const state3 = Float64Array.of(start, moles * (1 - share), moles * share, 0, 0);
  const mist = {
    time: 0,
    pressure: from,
    temperature: start,
    saturation: 0,
    liquid: 0,
    radius: 0,
    depth: 0,
    air: 0,
    vapour: 0
  };
  const read = (time2, s) => Object.assign(mist, {
    time: time2,
    pressure: system.pressure(time2),
    temperature: s[MIST.temperature],
    saturation: system.ratio(time2, s),
    liquid: Math.max(0, s[MIST.liquid]) / volume,
    radius: system.radius(s),
    depth: system.depth(s),
    air: s[MIST.air],
    vapour: s[MIST.vapour]
  });
  const scratch = new Float64Array(SIZE3);
  const events = [
    { id: "start", direction: 1, stops: true, value: (t, s) => started ? -1 : system.ratio(t, s) - nuclei.critical },
    { id: "seen", direction: 1, stops: false, value: (_, s) => system.depth(s) - threshold },
    { id: "gone", direction: -1, stops: false, value: (_, s) => system.depth(s) - 0.6 * threshold },
    {
      id: "coldest",
      direction: 1,
      stops: true,
      value: (t, s) => {
        system.derivatives(t, s, scratch);
        return scratch[MIST.temperature];
      }
    },
    // The release over, as warm as the wall, and no droplets to speak of.
    {
      id: "over",
      direction: -1,
      stops: true,
      value: (t, s) => Math.max(
        (system.pressure(t) - to) / (1e-3 * from),
        Math.abs(s[MIST.temperature] - wall),
        s[MIST.liquid] / (1e-6 * volume)
      ) - 0.1
    }
  ];
  let started = false;
  let time = 0;
  let coldest = { ...read(0, state3) };
  let [deepest, liquid, wettest] = [0, 0, 0];
  let seen;
  let gone;
  if (system.ratio(0, state3) >= nuclei.critical) {
    started = true;
    state3[MIST.drops] = nuclei.number * volume;
  }
  const last = plan3.again ? plan3.again.at : until;
  while (time < until) {
    const end = time < last ? last : until;
    const stage = integratorOf(SIZE3).run(system, state3, time, end, {
      tolerance,
      firstStep: release / 50,
      events,
      between: onStep ? 1 : 0,
      onStep: onStep && ((t, s) => onStep(read(t, s))),
      peaks: [
        { id: "depth", value: (_, s) => system.depth(s) },
        { id: "liquid", value: (_, s) => s[MIST.liquid] / volume },
        { id: "ratio", value: (t, s) => system.ratio(t, s) }
      ]
    });
    time = stage.time;
    deepest = Math.max(deepest, stage.peaks.depth.value);
    liquid = Math.max(liquid, stage.peaks.liquid.value);
    wettest = Math.max(wettest, stage.peaks.ratio.value);
    seen ??= stage.occurrences.find((o) => o.id === "seen")?.time;
    if (seen !== void 0) gone ??= stage.occurrences.find((o) => o.id === "gone" && o.time > seen)?.time;
    if (stage.stoppedBy === "start") {
      started = true;
      state3[MIST.drops] += nuclei.number * volume;
    } else if (stage.stoppedBy === "coldest") {
      if (state3[MIST.temperature] < coldest.temperature) coldest = { ...read(time, state3) };
    } else if (stage.stoppedBy === "over" && !plan3.again) break;
  }
  if (state3[MIST.temperature] < coldest.temperature) coldest = { ...read(time, state3) };
  return {
    deepest,
    liquid,
    radius: deepest > 0 ? 1.5 * liquid * plan3.path / (plan3.substance.density * deepest) : 0,
    coldest,
    wettest,
    seen,
    gone,
    end: time
  };
}

// core/catalogue/cloud-and-float/cloud-bottle/simulate.ts
var COLUMNS11 = [
  ...GAS_COLUMNS,
  { id: "saturation", name: "saturation ratio", quantity: "fraction" },
  { id: "liquid", name: "droplets", quantity: "mass" },
  { id: "depth", name: "optical depth across the bottle", quantity: "count" }
];
var NUCLEI = {
  smoke: { name: "a wisp of smoke", number: 3e11, critical: 1.005 },
  room: { name: "room air as it is", number: 4e9, critical: 1.02 },
  none: { name: "air washed clean (no smoke, no dust)", number: 8e8, critical: 4.2 }
};
var LIGHTS = {
  torch: { name: "a torch from the side, black behind", depth: 0.12 },
  window: { name: "ordinary room light", depth: 0.35 }
};
var LOOK = 120;
var SHOWN2 = 25;
var SQUEEZING = 0.6;
var AGAIN = 1.2;
var CLOSED_HEAT = 20.9;
var OPEN_HEAT = 29.2;
var PRESS_POINTS = 12;
var ETHANOL_DENSITY2 = 789;
function simulate13(values, detail, refinement = 1) {
  const n = values.numbers;
  const outside = n.stationPressure;
  const room = n.airTemperature;
  const squeezed = values.choices.way === "squeeze";
  const gauge = squeezed ? n.squeezePressure : n.gaugePressure;
  const from = outside + gauge;
  const volume = n.vesselVolume;
  const across = n.vesselDiameter;
  const area = 4 * volume / across + Math.PI * across * across / 2;
  const substance = CONDENSABLES[values.choices.liquid === "ethanol" ? "ethanol" : "water"];
  const rows = detail === "trace" ? new TraceRows(COLUMNS11) : void 0;
  const strokes = squeezed ? 1 : Math.max(1, Math.ceil(gauge * volume / (outside * n.strokeVolume)));
  const pumping = squeezed ? SQUEEZING : strokes * n.strokeTime;
  const moles = from * volume / (GAS_CONSTANT * room);
  const contact = n.wallTransfer * area;
  const relaxation = moles * CLOSED_HEAT / contact;
  const adiabatic = room * (pow(from / outside, 2 / 7) - 1);
  const rate = pumping / relaxation;
  const hot = adiabatic * (1 - exp(-rate)) / rate;
  const start = room + hot * exp(-n.holdTime / relaxation);
  const exchange = moles * OPEN_HEAT / contact;
  const most = values.choices.liquid === "ethanol" ? n.spirits * ETHANOL_DENSITY2 / substance.molarMass * GAS_CONSTANT * room / volume : Infinity;
  const wet = Math.min(most, n.dampness * substance.saturation(room));
  const brought = values.choices.liquid === "ethanol" ? 0 : n.relativeHumidity * substance.saturation(room) * gauge / outside;
  const pressed = squeezed ? wet * from / outside : wet + brought * (exchange / pumping) * (1 - exp(-pumping / exchange));
  const vapourAt = (held) => wet + (pressed - wet) * exp(-held / exchange);
  const kind2 = NUCLEI[values.choices.nuclei] ?? NUCLEI.room;
  const nuclei = {
    number: n.nucleiNumber,
    critical: values.choices.liquid === "ethanol" && kind2.critical > 2 ? 2.3 : kind2.critical
  };
  const row = (time, pressure, temperature, air, vapour, liquid, depth, ratio) => rows?.add(time, {
    pressure,
    gasTemperature: temperature,
    airMass: air * AIR_MOLAR_MASS,
    steamMass: vapour * substance.molarMass,
    saturation: ratio,
    liquid,
    depth
  });
  const still = (time, pressure, temperature, partial) => {
    const all = pressure * volume / (GAS_CONSTANT * temperature);
    const vapour = all * Math.min(0.5, partial / pressure);
    row(time, pressure, temperature, all - vapour, vapour, 0, 0, partial / substance.saturation(temperature));
  };
  if (rows) {
    const hotAt = (t) => t > 0 ? adiabatic * (t / pumping) * (1 - exp(-t / relaxation)) / (t / relaxation) : 0;
    for (let i = 0; i <= PRESS_POINTS; i++) {
      const t = pumping * i / PRESS_POINTS;
      still(t, outside + gauge * i / PRESS_POINTS, room + hotAt(t), wet + (pressed - wet) * i / PRESS_POINTS);
    }
    for (let i = 1; i <= PRESS_POINTS; i++) {
      const t = n.holdTime * i / PRESS_POINTS;
      still(pumping + t, from, room + hot * exp(-t / relaxation), vapourAt(t));
    }
  }
  const release = pumping + n.holdTime;
  const threshold = n.visibleDepth;
  const plan3 = {
    from,
    to: outside,
    release: n.releaseTime,
    wall: room,
    start,
    vapour: vapourAt(n.holdTime),
    volume,
    area,
    transfer: n.wallTransfer,
    path: across,
    substance,
    nuclei
  };
  const tolerance = stepTolerance(detail, refinement);
  const ended = expand(plan3, LOOK, threshold, tolerance);
  const { seen: seenAt, gone: goneAt, coldest } = ended;
  const shown = Math.min(ended.end, goneAt === void 0 ? SHOWN2 : 1.5 * goneAt);
  if (rows) {
    expand({ ...plan3, again: { at: shown, within: AGAIN } }, shown + AGAIN, threshold, tolerance, (m) => {
      row(release + m.time, m.pressure, m.temperature, m.air, m.vapour, m.liquid * volume, m.depth, m.saturation);
    });
  }
  const end = release + shown;
  const r = GAS_CONSTANT / volume;
  const moles0 = from * volume / (GAS_CONSTANT * start);
  const left = moles0 - coldest.air - coldest.vapour;
  const deepest = ended.deepest;
  return {
    results: {
      peakPressureDifference: gauge,
      coldest: coldest.temperature,
      dryCold: start * pow(outside / from, 2 / 7),
      supersaturation: ended.wettest,
      liquidWater: ended.liquid,
      dropRadius: ended.radius,
      opticalDepth: deepest,
      ...!squeezed && { strokes },
      stopperForce: gauge * Math.PI * n.stopperDiameter * n.stopperDiameter / 4,
      ratingShare: gauge / n.pressureRating,
      storedEnergy: from * volume * (1 - pow(outside / from, 2 / 7)) / 0.4,
      ...seenAt !== void 0 && { hush: seenAt },
      ...goneAt !== void 0 && seenAt !== void 0 && { cloudTime: goneAt - seenAt }
    },
    events: [
      { id: "release", name: "let go", time: release },
      ...seenAt === void 0 ? [] : [{ id: "cloud", name: "cloud", time: release + seenAt }]
    ],
    outcome: deepest >= threshold ? "cloud" : deepest >= threshold / 4 ? "faint" : "clear",
    details: {
      stationPressure: outside,
      sealing: release,
      timeOfLifting: 0,
      threshold,
      start,
      coldTime: coldest.time,
      dischargeRow: left * r * start,
      coolingRow: (coldest.air + coldest.vapour) * r * (start - coldest.temperature),
      difference: left * r * start + (coldest.air + coldest.vapour) * r * (start - coldest.temperature),
      showAt: release + (seenAt ?? 5 * n.releaseTime),
      ...seenAt !== void 0 && { goneAt: release + seenAt }
    },
    trace: rows && (() => {
      rows.stage("press", squeezed ? "squeezing" : "pumping", pumping);
      rows.stage("hold", "hold", release);
      const early = Math.min(end, release + Math.min(6 * n.releaseTime, 3));
      rows.stage("hush", "release", early);
      rows.stage("after", "aftermath", end);
      rows.stage("again", "second press", end + AGAIN);
      return rows.finish();
    })()
  };
}

// core/catalogue/cloud-and-float/cloud-bottle/inputs.ts
var READ_TO = 0.86;
var SQUEEZED_TO = 0.63;
function check12({ numbers: n, choices }) {
  const most = Math.min(MOST_GAUGE, READ_TO * n.pressureRating);
  const hardest = SQUEEZED_TO * n.pressureRating;
  return [
    ...choices.liquid === "ethanol" && choices.nuclei === "smoke" ? [
      {
        input: "nuclei",
        message: 'given "smoke" with ethanol; refused: smoke means a match, and the vapour of spirits in the bottle catches fire from it; accepted: room, none, or water as the liquid'
      }
    ] : [],
    ...choices.way !== "squeeze" && n.gaugePressure > most ? [
      {
        input: "gaugePressure",
        message: say`given ${asPressure(n.gaugePressure, { digits: 4 })}; accepted: at most
              ${asPressure(most, { digits: 4, toward: "below" })}, so that it stays under the stated limit of
              ${asPressure(n.pressureRating, { digits: 4 })} and under ${asPressure(MOST_GAUGE, { digits: 4 })} in
              any bottle`
      }
    ] : [],
    ...choices.way === "squeeze" && n.squeezePressure > hardest ? [
      {
        input: "squeezePressure",
        message: say`given ${asPressure(n.squeezePressure, { digits: 4 })}; accepted: at most
              ${asPressure(hardest, { digits: 4, toward: "below" })}, so that it stays under the stated limit of
              ${asPressure(n.pressureRating, { digits: 4 })}`
      }
    ] : []
  ];
}
var BOTTLES = {
  fizzy: {
    name: "bottle for fizzy drinks, new",
    volume: 1e-3,
    across: 0.085,
    mouth: 0.022,
    rating: 4e5,
    pumped: 6e4,
    squeezed: 15e3
  },
  sports: {
    name: "wide sports bottle",
    volume: 75e-5,
    across: 0.073,
    mouth: 0.05,
    rating: 6e4,
    pumped: 3e4,
    squeezed: 22e3
  }
};
var bottleOf2 = ({ choices }) => BOTTLES[choices.bottleKind ?? ""] ?? BOTTLES.fizzy;
var inputs13 = defineInputs([
  ...ROOM_INPUTS,
  {
    id: "bottleKind",
    name: "bottle",
    kind: "choice",
    group: "vessel",
    default: "fizzy",
    choices: Object.entries(BOTTLES).map(([id, { name }]) => ({ id, name }))
  },
  blank("vesselVolume", "it holds", "L", "vessel", (v) => bottleOf2(v).volume, [2e-4, 3e-3], [3e-4, 2e-3], 0.02, {
    tells: "vessel"
  }),
  blank("vesselDiameter", "bottle across", "cm", "vessel", (v) => bottleOf2(v).across, [0.04, 0.2], [0.06, 0.12], 0.01),
  blank("stopperDiameter", "mouth", "mm", "vessel", (v) => bottleOf2(v).mouth, [0.01, 0.06], [0.018, 0.04], 0.02),
  {
    id: "liquid",
    name: "liquid",
    kind: "choice",
    group: "water",
    default: "water",
    lever: true,
    source: "Water is the weather\u2019s own and burns nothing; ethanol gives a thicker cloud even without smoke, and is flammable.",
    choices: [
      { id: "water", name: "warm water" },
      { id: "ethanol", name: "ethanol" }
    ]
  },
  blank(
    "spirits",
    "spirits, if they are used",
    "mL",
    "water",
    2e-6,
    [2e-7, MOST_SPIRITS],
    [5e-7, MOST_SPIRITS],
    0.2
  ),
  {
    id: "nuclei",
    name: "in the air",
    kind: "choice",
    group: "load",
    default: "smoke",
    lever: true,
    source: "Some say smoke is cheating: it is what clouds have too. Without it drops find little to settle on.",
    choices: Object.entries(NUCLEI).map(([id, { name }]) => ({ id, name }))
  },
  {
    id: "way",
    name: "way",
    kind: "choice",
    group: "pump",
    default: "pump",
    lever: true,
    source: "Pumping gives more and is seen by everybody; squeezing needs nothing but hands and makes a fainter cloud.",
    choices: [
      { id: "pump", name: "pump it up and let it go" },
      { id: "squeeze", name: "squeeze it and let it go" }
    ]
  },
  blank(
    "gaugePressure",
    "pumped to, over the room",
    "kPa",
    "pump",
    (v) => bottleOf2(v).pumped,
    [2e3, MOST_GAUGE],
    [2e4, 25e4],
    0.06,
    { lever: [-3e4, 3e4, 6e4] }
  ),
  blank("strokeVolume", "pump a stroke", "mL", "pump", 9e-5, [5e-6, 1e-3], [3e-5, 3e-4], 0.05),
  blank("strokeTime", "time of a stroke", "s", "pump", 1, [0.2, 5], [0.5, 2], 0.1),
  blank(
    "squeezePressure",
    "squeezed to, over the room",
    "kPa",
    "pump",
    (v) => bottleOf2(v).squeezed,
    [500, 8e4],
    [5e3, 35e3],
    { shape: "lognormal", relative: 0.2 },
    { lever: [-5e3, 1e4] }
  ),
  blank("holdTime", "held for", "s", "pump", 8, [0, 300], [0, 60], 0.1, { lever: [-8, 20] }),
  blank(
    "releaseTime",
    "let go within",
    "s",
    "pump",
    0.08,
    [5e-3, 5],
    [0.02, 1],
    { shape: "lognormal", relative: 0.3 },
    { lever: [0.5] }
  ),
  {
    id: "light",
    name: "light",
    kind: "choice",
    group: "load",
    default: "torch",
    lever: true,
    choices: Object.entries(LIGHTS).map(([id, { name }]) => ({ id, name }))
  },
  blank(
    "pressureRating",
    "stated limit of bottle and stopper",
    "kPa",
    "vessel",
    (v) => bottleOf2(v).rating,
    [2e4, 1e6],
    [1e5, 6e5],
    0
  ),
  coefficient(
    "nucleiNumber",
    "droplets that can form in a cubic metre",
    "1",
    (v) => (NUCLEI[v.choices.nuclei ?? ""] ?? NUCLEI.room).number,
    [1e4, 1e14],
    [1e7, 1e13],
    { shape: "lognormal", relative: 1.1 },
    "by what is in the air: Rogers & Yau (1989), ch. 6; a wisp of smoke 1e5 to 1e6 a cm\xB3: from one to the next it differs by a factor of ten"
  ),
  coefficient(
    "dampness",
    "how near the air is to saturated before",
    "%",
    0.97,
    [0.1, 1],
    [0.7, 1],
    { shape: "uniform", below: 0.05, above: 0.03 },
    "swirled with liquid for half a minute; assumption"
  ),
  coefficient(
    "wallTransfer",
    "wall to the gas",
    "W/(m2 K)",
    8,
    [1, 60],
    [4, 20],
    0.25,
    "natural convection in a bottle some 4 to 10, stirred by the release (Incropera & DeWitt, ch. 9)"
  ),
  coefficient(
    "visibleDepth",
    "optical depth that the back row sees",
    "1",
    (v) => (LIGHTS[v.choices.light ?? ""] ?? LIGHTS.torch).depth,
    [5e-3, 3],
    [0.05, 1],
    0.25,
    "by light and backdrop; assumption"
  )
]);

// core/catalogue/cloud-and-float/cloud-bottle/outcomes.ts
var logged13 = { used: ["gaugePressure", "nuclei", "liquid"], seen: ["cloudTime"] };
var results13 = [
  result("opticalDepth", "optical depth of the cloud", "1"),
  result("liquidWater", "droplets in a cubic metre", "g"),
  result("dropRadius", "droplets\u2019 radius", "mm"),
  result("coldest", "gas at its coldest", "degC"),
  result("dryCold", "without vapour it would reach", "degC"),
  result("supersaturation", "greatest saturation ratio", "%"),
  result("hush", "let go until the cloud", "s", HUSH),
  result("cloudTime", "cloud stays for", "s"),
  result("strokes", "strokes", "1"),
  result("peakPressureDifference", "greatest pressure difference", "kPa"),
  result("stopperForce", "push on the stopper", "N"),
  result("ratingShare", "of the stated limit", "%"),
  result("storedEnergy", "work stored in the gas", "J")
];
var outcomes13 = [
  {
    id: "cloud",
    look: "gone",
    name: "shows a cloud",
    sentence: "A white cloud fills the bottle at once, and even the back row sees it."
  },
  { id: "faint", look: "partly", name: "shows a faint haze", sentence: "A faint haze that only the front row sees." },
  { id: "clear", look: "nothing", name: "stays clear", sentence: "The bottle stays clear." }
];
var ledger11 = ({ details: d }) => ({
  moment: "from held to coldest",
  difference: d.difference,
  rows: [
    { id: "pumped", cause: "gas that left when it was let go", pressure: d.difference - d.coolingRow },
    { id: "cooling", cause: "the gas getting colder as it expands", pressure: d.coolingRow }
  ]
});
var sizes11 = (_values, s) => [
  {
    id: "stopperForce",
    name: "push on the stopper",
    value: s.results.stopperForce,
    quantity: "force",
    units: ["N", "lbf"],
    note: "gauge pressure \xD7 mouth"
  },
  {
    id: "storedEnergy",
    name: "work stored in the gas",
    value: s.results.storedEnergy,
    quantity: "energy",
    units: ["J", "ft lbf"],
    note: "adiabatic expansion to the room"
  }
];

// core/catalogue/cloud-and-float/cloud-bottle/procedure.ts
var shelf13 = [
  { step: "bottle", kind: "vessel", shapes: ["bottle"], materials: ["PET"] }
];
var procedure13 = [
  {
    id: "bottle",
    hazards: ({ choices }) => choices.liquid === "ethanol" ? ["flame"] : [],
    parts: ({ choices }) => [
      "Swirl ",
      ...choices.liquid === "ethanol" ? [{ input: "spirits" }, " of "] : ["a spoonful of "],
      { input: "liquid" },
      " in a ",
      { input: "bottleKind" },
      " of ",
      { input: "vesselVolume" },
      " (",
      { input: "vesselDiameter" },
      " across, mouth ",
      { input: "stopperDiameter" },
      "; with its stopper good for ",
      { input: "pressureRating" },
      ")."
    ]
  },
  {
    id: "nuclei",
    hazards: ({ choices }) => choices.nuclei === "smoke" ? ["flame"] : [],
    parts: ["In it: ", { input: "nuclei" }, ". Light: ", { input: "light" }, "."]
  },
  {
    id: "press",
    hazards: ({ choices }) => choices.way === "squeeze" ? ["pressure"] : ["pressure", "projectile"],
    parts: ({ choices }) => [
      { input: "way" },
      ...choices.way === "squeeze" ? [": squeezed to ", { input: "squeezePressure" }] : [
        ": to ",
        { input: "gaugePressure" },
        " with ",
        { input: "strokeVolume" },
        " a stroke of ",
        { input: "strokeTime" }
      ],
      ". Hold for ",
      { input: "holdTime" },
      "."
    ],
    duration: (s) => s.details.sealing
  },
  {
    id: "release",
    marks: ["sealed"],
    parts: ["Let go, all within ", { input: "releaseTime" }, "."],
    duration: (s) => s.results.hush
  },
  { id: "again", parts: ["Press again: it clears. Let go: it is back."] }
];
var kit13 = (values) => [
  bottleOf2(values).name,
  "stopper with valve, or cap",
  values.choices.way === "squeeze" ? "two strong hands" : "pump with gauge",
  values.choices.liquid === "ethanol" ? say`ethanol, ${asVolume(values.numbers.spirits)}, no more in the room` : "warm water, a spoonful",
  ...values.choices.nuclei === "smoke" ? ["match for the smoke"] : [],
  "torch and black card",
  "eye protection"
];

// core/catalogue/cloud-and-float/cloud-bottle/drawing.ts
var drawing13 = (values, s, time) => {
  const n = values.numbers;
  const [pressure, temperature, depth] = ["pressure", "gasTemperature", "depth"].map(
    (c) => valueAt(s.trace, c, time)
  );
  const d = n.vesselDiameter;
  const height = Math.max(1.6 * d, n.vesselVolume / (0.785 * d * d) * 1.22);
  const points = bottle(0, 0, { diameter: d, height, neck: n.stopperDiameter, neckLength: height * 0.12 });
  const under2 = pressure > s.details.stationPressure + 300;
  const free = time > s.details.sealing && s.trace.stages.findLast((x) => x.start <= time)?.id !== "again";
  const shapes = [
    { kind: "gas", points, air: Math.min(2, pressure / s.details.stationPressure) * 0.7, vapour: 0.05 },
    { kind: "cloud", points, depth },
    { kind: "body", points: filledTo(points, 0.05 * height), stuff: "water" },
    { kind: "body", points, stuff: "glass", open: true, thick: 3 },
    ...free && values.choices.way !== "squeeze" ? [
      {
        kind: "body",
        points: rectangle(d * 0.5, height * 1.02, n.stopperDiameter, height * 0.07),
        stuff: "rubber"
      }
    ] : [
      {
        kind: "body",
        points: rectangle(-n.stopperDiameter * 0.5, height - 0.02 * height, n.stopperDiameter, height * 0.07),
        stuff: "rubber"
      },
      ...values.choices.way === "squeeze" ? [] : [
        {
          kind: "body",
          points: [
            [0, height * 1.05],
            [0.3 * d, height * 1.1],
            [1.3 * d, height * 0.9],
            [1.5 * d, 0.4 * height]
          ],
          stuff: "rubber",
          open: true,
          thick: 3
        }
      ]
    ],
    ...values.choices.way === "squeeze" ? [] : [{ kind: "body", points: rectangle(1.42 * d, 0, 0.16 * d, 0.42 * height), stuff: "metal" }],
    ...under2 ? [0.3, 0.5].flatMap(
      (y) => [-1, 1].map((side) => ({
        kind: "push",
        stuff: "inside-air",
        from: [side * d * 0.22, y * height],
        to: [side * d * 0.46, y * height]
      }))
    ) : [],
    { kind: "note", at: [-0.7 * d, 0.66 * height], anchor: "end", stuff: "ink", said: ["inside ", kPa(pressure)] },
    {
      kind: "note",
      at: [-0.7 * d, 0.5 * height],
      anchor: "end",
      stuff: "outside-air",
      said: ["outside ", kPa(s.details.stationPressure)]
    },
    {
      kind: "note",
      at: [-0.7 * d, 0.34 * height],
      anchor: "end",
      stuff: "ink",
      said: ["gas ", said(temperature, "temperature", "degC", "degF")]
    }
  ];
  return {
    frame: { left: -2.7 * d, right: 2.7 * d, bottom: 0, top: 1.15 * height },
    shapes,
    caption: [
      depth > s.details.threshold ? "A cloud." : under2 ? "Under pressure: clear." : depth > s.details.threshold / 4 ? "A faint haze." : "Clear."
    ]
  };
};

// core/catalogue/cloud-and-float/cloud-bottle/teaching.ts
var why13 = (values, s) => [
  say`Let go from ${asPressure(s.details.stationPressure + s.results.peakPressureDifference)} the gas pushes some
    of itself out, works, and cools to ${asTemperature(s.results.coldest)} (${asTemperature(s.results.dryCold)} if
    no vapour had turned to droplets and given its heat back).`,
  values.choices.nuclei === "none" ? say`The vapour reaches ${asNumber(s.results.supersaturation, 2)} times saturation, but with nothing to
      settle on drops start only at about ${values.choices.liquid === "ethanol" ? 2.3 : 4.2}, and then few:
      optical depth ${asNumber(s.results.opticalDepth, 3)}.` : say`Droplets of ${asLength(s.results.dropRadius)} form on
      ${values.choices.nuclei === "smoke" ? "smoke" : "the room\u2019s dust"}; many small ones are whiter than few
      large ones: optical depth ${asNumber(s.results.opticalDepth, 3)}, and the back row needs
      ${asNumber(s.details.threshold, 3)}.`
];
var advice6 = (values, s) => [
  {
    text: s.outcome === "cloud" ? say`${values.choices.way === "squeeze" ? "Squeeze hard" : `${s.results.strokes} strokes`}; the cloud
          stays
          ${s.results.cloudTime === void 0 ? "longer than half a minute" : say`about ${asTime(s.results.cloudTime)}`}.` : values.choices.nuclei === "smoke" || values.choices.liquid === "ethanol" ? "More pressure, a quicker release, or light from the side." : "A wisp of smoke makes the difference: drops need something to settle on."
  }
];
var explanation13 = (_values, s) => [
  {
    from: 7,
    text: "There is water in the air that you cannot see. When the air gets cold all at once, the water makes tiny drops on tiny bits of smoke: a cloud."
  },
  {
    from: 11,
    text: say`Air that pushes itself out gets colder: ${asTemperature(s.results.coldest)} here. Cold air cannot
      keep so much vapour, so some turns into droplets.`
  },
  {
    from: 14,
    text: say`Quick expansion leaves no time for heat to come in. Without vapour it would be
      ${asTemperature(s.results.dryCold)}; vapour turning into drops gives heat back. High pressure: clear. Low
      pressure: cloudy, as in the weather.`
  },
  {
    from: 16,
    text: say`T/T0 = (p/p0)^(R/c_p) at first; then the moist rate. Saturation reached
      ${asNumber(s.results.supersaturation, 3)}. Small drops need supersaturation (Kelvin) that a soluble or large
      nucleus lowers (Köhler); Wilson saw drops on ions near ${asNumber(4.2, 2)}. Optical depth ∝ N^(1/3) W^(2/3):
      smoke makes it white, not more water.`
  }
];
var teaching11 = {
  wrongIdea: {
    idea: "The cloud is steam, or it is the smoke.",
    answer: "Vapour is invisible; the cloud is liquid droplets. Press, and it is clear again: the smoke did not go away, the drops did."
  },
  before: ["When will the cloud come: when I press or when I let go?", "Will it work without the smoke?"],
  after: ["Where did the heat go?", "What is the smoke for?", "Why is high pressure fair weather?"],
  elsewhere: [
    "Clouds where air rises over a mountain.",
    "Fog over an aircraft\u2019s wing.",
    "The haze in a bottle of pop as it is opened.",
    "Breath on a cold day."
  ]
};

// core/catalogue/cloud-and-float/cloud-bottle/index.ts
var cloudBottle = defineDemonstration({
  id: "cloud-bottle",
  name: "Cloud in a bottle",
  summary: "Damp air under pressure, let go: a cloud. Pressed again: clear.",
  noun: ["try", "tries"],
  people: { performs: 14, watches: 7 },
  gates: gates13,
  cautions: cautions13,
  afterFailure: afterFailure13,
  gallery: {
    family: "cloud-and-float",
    effect: "A clear bottle turns white at a pop, and clear again when pumped.",
    topics: ["weather", "vapour", "gas laws", "heating and cooling"],
    ages: [7, 18]
  },
  hushWords: { inside: "gas in the bottle", strength: "" },
  wanted: "cloud",
  columns: COLUMNS11,
  check: check12,
  simulate: simulate13,
  inputs: inputs13,
  logged: logged13,
  results: results13,
  outcomes: outcomes13,
  ledger: ledger11,
  sizes: sizes11,
  shelf: shelf13,
  procedure: procedure13,
  kit: kit13,
  drawing: drawing13,
  why: why13,
  advice: advice6,
  explanation: explanation13,
  teaching: teaching11
});

// core/catalogue/cloud-and-float/diver/cautions.ts
var gates14 = [];
var cautions14 = ({ numbers: n, choices }) => applying(
  choices.material === "glass" ? dropped("trim", "A thin glass float breaks") : void 0,
  wetFloor(n.vesselHeight * 5e-3, "bottle")
);
var afterFailure14 = (_values, _s, _risk, outcome) => [
  pressureOff("Let go of the bottle; open the cap over the tray."),
  near("Bubbles on the outside of the float? Tap it. Bottle full to the brim? A big air space swallows the squeeze."),
  next(
    {
      floats: "One drop more water into the float, or a crumb more ballast.",
      stays: "One drop less water in it, or a crumb less ballast: at the bottom the depth alone holds it down.",
      sunk: "Much less water in it, or less ballast: it has too little air to float at all."
    }[outcome] ?? "Trim it again in the beaker."
  )
];

// core/mechanisms/floating-bulb.ts
var dry = ({ air, pressure, temperature }) => air * (pressure - quickSaturationPressure(temperature)) / temperature;
var bubble = (bulb, pressure, temperature) => dry(bulb) * temperature / Math.max(pressure - quickSaturationPressure(temperature), 1);
var lift = (bulb, pressure, temperature, density) => (density * (bulb.solid + bubble(bulb, pressure, temperature)) - bulb.mass) * GRAVITY;
function hangingPressure(bulb, temperature, density) {
  const needed2 = bulb.mass / density - bulb.solid;
  return needed2 > 0 ? dry(bulb) * temperature / needed2 + quickSaturationPressure(temperature) : Infinity;
}
var airToHang = (mass, solid, density) => mass / density - solid;
var [DOWN, BACK] = [0.97, 0.02];
var LINGER = 0.3;
var CREEP2 = 2e-3;
function dive(plan3, tolerance, record) {
  const { bulb, capacity, temperature, density, surface, bottom, dragArea, settle, squeezing, longest } = plan3;
  const weight = density * GRAVITY;
  const state3 = Float64Array.of(0, 0);
  let mode = "top";
  let squeeze = () => 0;
  const forceAt = (t, depth) => -lift(bulb, surface + squeeze(t) + weight * depth, temperature, density);
  const system = {
    size: 2,
    scale: Float64Array.of(0.02 * bottom, 0.02),
    dependsOnTime: true,
    derivatives(t, s, slope) {
      if (mode !== "free") {
        slope[0] = slope[1] = 0;
        return;
      }
      const air = bubble(bulb, surface + squeeze(t) + weight * s[0], temperature);
      const inertia = bulb.mass + density * Math.max(0, capacity - air) + 0.5 * density * (bulb.solid + capacity);
      slope[0] = s[1];
      slope[1] = (forceAt(t, s[0]) - 0.5 * density * dragArea * Math.abs(s[1]) * s[1] - CREEP2 * s[1]) / inertia;
    }
  };
  const leavesTop = { id: "leaves", direction: 1, stops: true, value: (t) => forceAt(t, 0) };
  const leavesBottom = { id: "leaves", direction: -1, stops: true, value: (t) => forceAt(t, bottom) };
  const free = [
    { id: "bottom", direction: 1, stops: true, value: (_, s) => s[0] - bottom },
    { id: "top", direction: -1, stops: true, value: (_, s) => s[0] }
  ];
  let time = 0;
  const go = (until, turns, depth, direction = 1) => {
    let passed;
    let end = until;
    const watch = depth === void 0 ? [] : [{ id: "passes", direction, stops: false, value: (_, s) => s[0] - depth }];
    while (time < end - 1e-12) {
      if (mode === "top" && forceAt(time, 0) > 0) mode = "free";
      if (mode === "bottom" && forceAt(time, bottom) < 0) mode = "free";
      const turn = turns.find((t) => t > time + 1e-9) ?? Infinity;
      const stage = integratorOf(2).run(system, state3, time, Math.min(end, turn), {
        tolerance,
        firstStep: 0.01,
        events: [...watch, ...mode === "free" ? free : mode === "top" ? [leavesTop] : [leavesBottom]],
        between: record ? 2 : 0,
        onStep: record && ((t, s) => record(t, Math.min(bottom, Math.max(0, s[0])), squeeze(t)))
      });
      time = stage.time;
      const passes = stage.occurrences.find((o) => o.id === "passes");
      if (passes && passed === void 0) {
        passed = passes.time;
        end = Math.min(end, passed + LINGER);
      }
      if (stage.stoppedBy === "leaves") mode = "free";
      else if (stage.stoppedBy === "bottom" || stage.stoppedBy === "top") {
        mode = stage.stoppedBy;
        state3[0] = mode === "top" ? 0 : bottom;
        state3[1] = 0;
      }
    }
    return passed;
  };
  go(settle, []);
  const sunk = forceAt(time, 0) > 0;
  if (sunk) {
    go(settle + longest, [], DOWN * bottom);
    return { down: void 0, released: time, back: void 0, end: time };
  }
  squeeze = (t) => plan3.squeeze * Math.min(1, (t - settle) / squeezing);
  const down = go(settle + longest, [settle + squeezing], DOWN * bottom);
  const released = time;
  const strongest = squeeze(released);
  squeeze = (t) => strongest * Math.max(0, 1 - (t - released) / squeezing);
  const back = down === void 0 ? void 0 : go(released + longest, [released + squeezing], BACK * bottom, -1);
  return { down, released, back, end: time };
}

// core/catalogue/cloud-and-float/diver/simulate.ts
var COLUMNS12 = [
  ...GAS_COLUMNS,
  { id: "depth", name: "depth of the float", quantity: "length" },
  { id: "bubble", name: "air in the float", quantity: "volume" },
  { id: "squeeze", name: "squeeze", quantity: "pressure" }
];
var MATERIALS = {
  glass: { name: "glass dropper", density: 2400 },
  plastic: { name: "plastic pen cap or straw", density: 940 }
};
var BALLAST = 2200;
var COPPER = 8960;
var waterIn = ({ numbers: n, choices }) => choices.waterBy === "drops" ? n.drops * n.dropVolume : n.waterInBulb;
var ballastOf = ({ numbers: n, choices }) => choices.ballastBy === "wire" ? COPPER * Math.PI / 4 * n.wireDiameter * n.wireDiameter * n.wireLength : n.ballastMass;
function bulbOf(values) {
  const { numbers: n, choices } = values;
  const { density } = MATERIALS[choices.material] ?? MATERIALS.glass;
  const ballast = ballastOf(values);
  const ballastDensity = choices.ballastBy === "wire" ? COPPER : BALLAST;
  return {
    mass: n.bulbMass + ballast,
    solid: n.bulbMass / density + ballast / ballastDensity,
    air: n.bulbCapacity - waterIn(values),
    pressure: n.stationPressure,
    temperature: n.waterTemperature
  };
}
function waterForSqueeze(values, squeeze) {
  const n = values.numbers;
  const bulb = bulbOf(values);
  const density = liquidDensity(n.waterTemperature);
  const damp = quickSaturationPressure(n.waterTemperature);
  return n.bulbCapacity - airToHang(bulb.mass, bulb.solid, density) * (n.stationPressure + squeeze - damp) / (n.stationPressure - damp);
}
var SQUEEZING2 = 0.6;
var SETTLE = 1;
var LONGEST5 = 14;
function simulate14(values, detail, refinement = 1) {
  const n = values.numbers;
  const outside = n.stationPressure;
  const bulb = bulbOf(values);
  const warmth = Math.max(273.16, n.waterTemperature + n.warming);
  const density = liquidDensity(warmth);
  const surface = outside + n.weather;
  const hang = hangingPressure(bulb, warmth, density);
  const bottom = Math.max(0.02, n.vesselHeight - n.bulbLength);
  const needed2 = hang - surface;
  const rows = detail === "trace" ? new TraceRows(COLUMNS12) : void 0;
  const squeeze = n.squeezePressure;
  const sunk = needed2 <= 0;
  const weight = density * GRAVITY;
  const ended = dive(
    {
      bulb,
      capacity: n.bulbCapacity,
      temperature: warmth,
      density,
      surface,
      bottom,
      dragArea: n.dragArea,
      squeeze,
      settle: SETTLE,
      squeezing: SQUEEZING2,
      longest: LONGEST5
    },
    stepTolerance(detail, refinement),
    rows && ((t, depth, pressed2) => rows.add(t, {
      pressure: surface + pressed2,
      gasTemperature: warmth,
      airMass: bulb.air * bulb.pressure / (AIR_GAS_CONSTANT * bulb.temperature),
      steamMass: 0,
      depth,
      bubble: bubble(bulb, surface + pressed2 + weight * depth, warmth),
      squeeze: pressed2
    }))
  );
  const { released, back, end: time } = ended;
  const down = sunk ? SETTLE : ended.down;
  const pressed = SETTLE;
  const air = bubble(bulb, surface, warmth);
  const unit = air * density * GRAVITY;
  return {
    results: {
      // What floats by its solids alone sinks at no squeeze.
      ...Number.isFinite(needed2) && {
        squeezeToSink: Math.max(0, needed2),
        handForce: Math.max(0, needed2) * n.handArea,
        perFiveKelvin: hangingPressure(bulb, warmth + 5, liquidDensity(warmth + 5)) - hang
      },
      peakPressureDifference: squeeze,
      freeboard: lift(bulb, surface, warmth, density) / unit,
      ...down !== void 0 && !sunk && { hush: down - pressed, sinkTime: down - pressed },
      ...back !== void 0 && { returnTime: back - released },
      staysBelow: Math.max(0, bottom * weight),
      waterToTrim: Math.max(0, waterForSqueeze(values, 0.6 * squeeze))
    },
    events: [
      ...down !== void 0 && !sunk ? [{ id: "down", name: "down", time: down }] : [],
      ...back !== void 0 ? [{ id: "back", name: "back", time: back }] : []
    ],
    outcome: sunk ? "sunk" : down === void 0 ? "floats" : back === void 0 ? "stays" : "dives",
    details: {
      stationPressure: outside,
      sealing: pressed,
      timeOfLifting: 0,
      bottom,
      difference: squeeze,
      released,
      ...down !== void 0 && !sunk && { goneAt: down }
    },
    trace: rows && (() => {
      rows.stage("float", "float", pressed);
      rows.stage("hush", "squeeze", released);
      rows.stage("after", "release", time);
      return rows.finish();
    })()
  };
}

// core/catalogue/cloud-and-float/diver/inputs.ts
var CELSIUS4 = 273.15;
var inputs14 = defineInputs([
  ...ROOM_INPUTS,
  blank("vesselHeight", "water in the bottle stands", "cm", "vessel", 0.26, [0.05, 2], [0.15, 0.5], 0.02),
  blank(
    "waterTemperature",
    "water",
    "degC",
    "water",
    CELSIUS4 + 18,
    [CELSIUS4 + 1, CELSIUS4 + 60],
    [CELSIUS4 + 5, CELSIUS4 + 35],
    { shape: "normal", absolute: 0.5 }
  ),
  {
    id: "material",
    name: "float",
    kind: "choice",
    group: "load",
    default: "glass",
    choices: Object.entries(MATERIALS).map(([id, { name }]) => ({ id, name }))
  },
  blank("bulbMass", "empty float", "g", "load", 5e-3, [2e-4, 0.1], [1e-3, 0.02], 4e-3),
  blank("bulbCapacity", "it holds", "mL", "load", 42e-7, [2e-7, 1e-4], [1e-6, 2e-5], 0.01),
  blank("bulbLength", "it is long", "cm", "load", 0.07, [0.01, 0.3], [0.03, 0.12], 0.02),
  {
    id: "ballastBy",
    name: "ballast by",
    kind: "choice",
    group: "load",
    default: "weighed",
    choices: [
      { id: "weighed", name: "weighed" },
      { id: "wire", name: "copper wire of a length" }
    ]
  },
  blank(
    "wireLength",
    "wire",
    "cm",
    "load",
    0.045,
    [0, 2],
    [0.01, 0.3],
    { shape: "normal", absolute: 7e-4 },
    { lever: [-0.01, 0.01] }
  ),
  blank("wireDiameter", "gauge of the wire", "mm", "load", 8e-4, [1e-4, 4e-3], [3e-4, 2e-3], {
    shape: "normal",
    absolute: 1e-5
  }),
  {
    id: "waterBy",
    name: "water by",
    kind: "choice",
    group: "water",
    default: "measured",
    choices: [
      { id: "measured", name: "measured" },
      { id: "drops", name: "counted drops" }
    ]
  },
  blank(
    "drops",
    "drops",
    "1",
    "water",
    17,
    [0, 2e3],
    [2, 60],
    { shape: "normal", absolute: 0.5 },
    { lever: [-1, 1, 3] }
  ),
  coefficient(
    "dropVolume",
    "a drop of this dropper",
    "mL",
    5e-8,
    [5e-9, 2e-7],
    [3e-8, 7e-8],
    0.08,
    "a pharmacist\u2019s drop is a twentieth of a millilitre; droppers differ: count fifty onto a scale"
  ),
  blank(
    "ballastMass",
    "ballast",
    "g",
    "load",
    2e-4,
    [0, 0.1],
    [0, 0.01],
    { shape: "normal", absolute: 2e-5 },
    { lever: [-1e-4, 1e-4] }
  ),
  blank(
    "waterInBulb",
    "water drawn into it",
    "mL",
    "water",
    83e-8,
    [0, 1e-4],
    [1e-7, 3e-6],
    { shape: "normal", absolute: 4e-8 },
    { lever: [-1e-7, 1e-7] }
  ),
  blank(
    "squeezePressure",
    "a good squeeze",
    "kPa",
    "load",
    15e3,
    [200, 1e5],
    [3e3, 4e4],
    { shape: "lognormal", relative: 0.2 },
    { lever: [-5e3, 5e3] }
  ),
  blank("warming", "warmer since it was trimmed", "K", "water", 0, [-25, 25], [-10, 10], {
    shape: "normal",
    absolute: 0.7
  }),
  blank("weather", "weather since then", "hPa", "load", 0, [-8e3, 8e3], [-3e3, 3e3], {
    shape: "normal",
    absolute: 200
  }),
  coefficient(
    "dragArea",
    "drag coefficient times area of the float",
    "mm2",
    6e-5,
    [2e-6, 1e-3],
    [2e-5, 2e-4],
    0.3,
    "a blunt rod 1 cm across, coefficient about 0.8 (White, table 7.3)"
  ),
  coefficient(
    "handArea",
    "area that the hand presses",
    "mm2",
    45e-4,
    [5e-4, 0.03],
    [2e-3, 0.01],
    0.25,
    "thumb and fingers on the wall; assumption"
  )
]);
var check13 = (values) => waterIn(values) >= values.numbers.bulbCapacity ? [
  {
    input: values.choices.waterBy === "drops" ? "drops" : "waterInBulb",
    message: say`given ${asVolume(waterIn(values), { digits: 4 })}; accepted: less than the float holds,
            ${asVolume(values.numbers.bulbCapacity, { digits: 4, toward: "below" })}`
  }
] : [];

// core/catalogue/cloud-and-float/diver/outcomes.ts
var logged14 = {
  used: ["waterInBulb", "ballastMass", "waterTemperature"],
  seen: ["sinkTime", "returnTime"]
};
var results14 = [
  result("squeezeToSink", "squeeze that sinks it", "kPa"),
  result("handForce", "hand presses with", "N"),
  result("freeboard", "spare buoyancy, of its air", "%"),
  result("sinkTime", "sinks in", "s"),
  result("returnTime", "comes back in", "s"),
  result("waterToTrim", "water to draw in for an easy dive", "mL"),
  result("perFiveKelvin", "five Celsius degrees warmer asks for this much more", "kPa"),
  result("staysBelow", "depth itself squeezes it by", "kPa"),
  result("peakPressureDifference", "greatest pressure difference", "kPa"),
  result("hush", "squeeze to bottom", "s", HUSH)
];
var outcomes14 = [
  {
    id: "dives",
    look: "gone",
    name: "dives and comes back",
    sentence: "The diver sinks when squeezed and comes back when let go."
  },
  {
    id: "floats",
    look: "nothing",
    name: "stays at the top",
    sentence: "The diver stays at the top however hard one squeezes."
  },
  { id: "stays", look: "partly", name: "stays down", sentence: "The diver sinks and does not come back." },
  { id: "sunk", look: "harm", name: "sinks by itself", sentence: "The diver sinks before anybody squeezes." }
];
var ledger12 = ({ details: d }) => ({
  moment: "squeezed: a negative difference is more inside than outside",
  difference: -d.difference,
  rows: [{ id: "air", cause: "the hand on the bottle\u2019s wall", pressure: -d.difference }]
});
var sizes12 = (_values, s) => [
  {
    id: "handForce",
    name: "hand presses with",
    value: s.results.handForce ?? 0,
    quantity: "force",
    units: ["N", "lbf"],
    note: "squeeze that sinks it \xD7 area of the hand on the wall"
  }
];

// core/catalogue/cloud-and-float/diver/procedure.ts
var shelf14 = [
  { step: "bottle", kind: "vessel", shapes: ["bottle"], materials: ["PET"] }
];
var procedure14 = [
  {
    id: "trim",
    parts: ({ choices }) => [
      "In a beaker, trim a ",
      { input: "material" },
      " (",
      { input: "bulbMass" },
      " empty, ",
      { input: "bulbLength" },
      " long, holds ",
      { input: "bulbCapacity" },
      ") with ",
      ...choices.ballastBy === "wire" ? [{ input: "wireLength" }, " of ", { input: "ballastBy" }, ", ", { input: "wireDiameter" }, " thick,"] : [{ input: "ballastMass" }, " of ballast, ", { input: "ballastBy" }, ","],
      " and ",
      ...choices.waterBy === "drops" ? [{ input: "drops" }, " of water in ", { input: "waterBy" }] : [{ input: "waterInBulb" }, " of water drawn in, ", { input: "waterBy" }],
      ": it must just float."
    ]
  },
  {
    id: "bottle",
    parts: [
      "Fill a soft bottle to ",
      { input: "vesselHeight" },
      " with water at ",
      { input: "waterTemperature" },
      ", put the diver in, cap it. Since the trim: ",
      { input: "warming" },
      " warmer, barometer changed by ",
      { input: "weather" },
      "."
    ]
  },
  {
    id: "squeeze",
    marks: ["sealed"],
    parts: ["Squeeze with about ", { input: "squeezePressure" }, ": it dives."],
    duration: (s) => s.results.sinkTime
  },
  { id: "release", parts: ["Let go: it comes back."], duration: (s) => s.results.returnTime }
];
var kit14 = (values) => [
  say`soft bottle, 1 to ${asVolume(2e-3)}`,
  (MATERIALS[values.choices.material] ?? MATERIALS.glass).name,
  "modelling clay and wire",
  "beaker to trim in",
  "dropper",
  say`scale to ${asMass(1e-4)}`,
  "tray"
];

// core/catalogue/cloud-and-float/diver/drawing.ts
var drawing14 = (values, s, time) => {
  const n = values.numbers;
  const [depth, air, squeeze] = ["depth", "bubble", "squeeze"].map((c) => valueAt(s.trace, c, time));
  const h = n.vesselHeight;
  const d = h * 0.34;
  const points = bottle(0, 0, { diameter: d, height: h * 1.12, neck: d * 0.3, neckLength: h * 0.1 });
  const wide = Math.min(0.22 * d, 0.02);
  const top = h - depth;
  const pressed = squeeze / Math.max(1, n.squeezePressure);
  const share = Math.min(1, air / n.bulbCapacity);
  const shapes = [
    { kind: "body", points: filledTo(points, h), stuff: "water", opacity: 0.5 },
    { kind: "body", points: rectangle(-wide / 2, top - n.bulbLength, wide, n.bulbLength), stuff: "water" },
    {
      kind: "body",
      points: rectangle(-wide / 2, top - n.bulbLength * share, wide, n.bulbLength * share),
      stuff: "paper"
    },
    {
      kind: "body",
      points: rectangle(-wide / 2, top - n.bulbLength, wide, n.bulbLength),
      stuff: "ink",
      open: true,
      thick: 2
    },
    { kind: "round", at: [0, top - n.bulbLength], across: wide * 1.3, high: wide * 0.8, stuff: "food" },
    { kind: "body", points, stuff: "glass", open: true, thick: 3 },
    { kind: "body", points: rectangle(-d * 0.18, h * 1.1, d * 0.36, h * 0.05), stuff: "ink" },
    ...pressed > 0.05 ? [0.4, 0.5, 0.6].flatMap(
      (y) => [-1, 1].map((side) => ({
        kind: "push",
        stuff: "outside-air",
        from: [side * d * (0.62 + 0.4 * pressed), y * h],
        to: [side * d * 0.53, y * h]
      }))
    ) : [],
    { kind: "note", at: [d * 1.15, h * 0.75], anchor: "start", stuff: "ink", said: ["squeeze ", kPa(squeeze)] },
    {
      kind: "note",
      at: [d * 1.15, h * 0.6],
      anchor: "start",
      stuff: "outside-air",
      said: ["its air ", said(air, "volume", "mL", "floz")]
    }
  ];
  return {
    frame: { left: -2.9 * d, right: 2.9 * d, bottom: 0, top: 1.18 * h },
    shapes,
    caption: [
      depth < 0.01 ? "It floats." : depth > 0.95 * s.details.bottom ? "At the bottom." : "On its way.",
      " Its air takes ",
      said(air, "volume", "mL", "floz"),
      "."
    ]
  };
};

// core/catalogue/cloud-and-float/diver/teaching.ts
var why14 = (values, s) => [
  say`It floats by ${asShare(Math.max(0, s.results.freeboard))} of its air to spare.
    ${s.results.squeezeToSink === void 0 ? "Its solids float by themselves: no squeeze sinks it." : say`A squeeze of ${asPressure(s.results.squeezeToSink)} makes the bubble that much
            smaller, water goes in, and it is heavier than the water it pushes aside.`}`,
  s.outcome === "stays" ? say`At the bottom the water above squeezes it by ${asPressure(s.results.staysBelow)} as well, more than it
      has to spare: it stays down. Trim it lighter.` : s.outcome === "floats" ? "The hand does not do that much: trim it heavier." : s.outcome === "sunk" ? "It has too little air to float at all: less water in it, or less ballast." : "Where it would hang it does not stay: a little lower it is squeezed a little more and goes on sinking.",
  say`${s.results.perFiveKelvin === void 0 ? "Warmth" : say`${asTemperatureDifference(5)} warmer asks for ${asPressure(s.results.perFiveKelvin)} more`};
    the barometer's rise or fall counts one to one, and so does a trip up a hill
    (${asPressure(values.numbers.stationPressure)} here).`
];
var advice7 = (values, s) => {
  const water = waterForSqueeze(values, 0.6 * values.numbers.squeezePressure);
  const { air } = bulbOf(values);
  return water > 0 && water < values.numbers.bulbCapacity ? [
    {
      text: say`For an easy dive draw in ${asVolume(water)}: then
            ${asPressure(0.6 * values.numbers.squeezePressure)} sink it. That is
            ${Math.round(water / values.numbers.dropVolume)} drops.`,
      take: values.choices.waterBy === "drops" ? { input: "drops", value: Math.round(water / values.numbers.dropVolume) } : { input: "waterInBulb", value: Number(water.toPrecision(4)) }
    }
  ] : [
    {
      text: say`No amount of water trims this float (${asVolume(air)} of air,
            ${asForce(bulbOf(values).mass * 9.81)} of weight): ${s.outcome === "sunk" ? "less" : "more"} ballast.`
    }
  ];
};
var explanation14 = (_values, s) => [
  {
    from: 7,
    text: "The diver has a little air in its belly. When we squeeze the bottle, the air gets squeezed too, water comes in, and the diver gets heavy."
  },
  {
    from: 11,
    text: say`Water hardly gives way; air does. ${asPressure(s.results.squeezeToSink ?? 0)} of squeeze make its
      bubble small enough to sink in
      ${s.results.sinkTime === void 0 ? "no time at all" : asTime(s.results.sinkTime)}.`
  },
  {
    from: 14,
    text: say`It floats while its mass is less than that of the water it pushes aside (Archimedes). Pressure goes
      everywhere in the water (Pascal) and shrinks the bubble (Boyle). ${asVolume(5e-8)} is a drop: trim by
      drops.`
  },
  {
    from: 16,
    text: say`Hanging: m = ρ (V_s + n R T/p). dF/dz is negative in depth: unstable equilibrium. The depth of the
      bottle adds ρ g H = ${asPressure(s.results.staysBelow)}, so spare buoyancy must exceed that or it stays
      down. T and p0 drift shift the trim: it is a barometer and a thermometer.`
  }
];
var teaching12 = {
  wrongIdea: {
    idea: "The squeeze pushes it down.",
    answer: "The pressure is the same from all sides. It gets heavier, because water goes in where air was."
  },
  before: ["What changes in the diver when I squeeze?", "Can it be made to hang half-way?"],
  after: ["Why won\u2019t it hang half-way?", "What will it do tomorrow if the barometer falls?"],
  elsewhere: ["Fish and their swim bladders.", "Submarines\u2019 tanks.", "A diver\u2019s jacket and the same instability."]
};

// core/catalogue/cloud-and-float/diver/index.ts
var diver = defineDemonstration({
  id: "diver",
  name: "Diver in a bottle",
  summary: "A trimmed float sinks when the bottle is squeezed, and comes back.",
  noun: ["float", "floats"],
  people: { performs: 7, watches: 7 },
  gates: gates14,
  cautions: cautions14,
  afterFailure: afterFailure14,
  gallery: {
    family: "cloud-and-float",
    effect: "A little diver sinks and rises at a command that nobody sees.",
    topics: ["buoyancy", "gas laws", "pressure in liquids"],
    ages: [7, 16]
  },
  hushWords: { inside: "pressure in the bottle", strength: "" },
  wanted: "dives",
  columns: COLUMNS12,
  simulate: simulate14,
  inputs: inputs14,
  check: check13,
  logged: logged14,
  results: results14,
  outcomes: outcomes14,
  ledger: ledger12,
  sizes: sizes12,
  shelf: shelf14,
  procedure: procedure14,
  kit: kit14,
  drawing: drawing14,
  why: why14,
  advice: advice7,
  explanation: explanation14,
  teaching: teaching12
});

// core/catalogue/steam/drum-reinflate/cautions.ts
var gates15 = [
  {
    step: "open",
    text: "Bung loosened and the hiss over: the inside is at the pressure of the room.",
    guards: ["closed-hot-vessel", "heat"]
  },
  {
    step: "heat",
    text: "Way out for the steam fitted, open and pointing away; everybody behind the line. Without one it is not heated.",
    guards: ["pressure", "closed-hot-vessel", "flame"]
  }
];
var COOLS = 1800;
var cautions15 = ({ numbers: n, choices }, s, risk) => applying(
  sharpFolds("drum"),
  heavy("The drum with its water", s.details.emptyMass + 1e3 * n.waterCharge, "drum"),
  overpressure(atWorst(risk, "peakGaugePressure"), choices.reliefPath === "bung-out" ? 0 : n.reliefSetting, "heat"),
  scald(s.results.boilingTemperature, n.waterCharge, "heat"),
  hotSurface(s.results.boilingTemperature, "heat", "Burner and drum stay hot after use"),
  burnerGas("heat", n.heaterPower > 4e3)
);
var afterFailure15 = (_values, _s, _risk, outcome) => [
  heatOff("Burner off from a distance; everybody stays behind the line."),
  standBack("Nobody goes near while steam comes out."),
  wait(say`Wait ${asTime(COOLS)} with the way out open all the time: closed while it cools it would crush again.`),
  pressureOff(
    "One adult, gloves and goggles, from the side, takes the relief or bung out: no hiss either way, or wait again."
  ),
  near("Look for cracks along the folds before anything else is done with it; empty it over a drain."),
  next(
    outcome === "partly" ? "Sharp folds stay. Leave it at that: the shell is damaged and its limit is not known." : "Do not force it with a higher setting or a smaller way out: the shell is damaged and its limit is not known."
  )
];

// core/mechanisms/reinflation.ts
var REINFLATION = {
  /** water, steam and wall, K */
  temperature: 0,
  /** kg */
  air: 1,
  /** kg of liquid */
  water: 2,
  /** fraction of the volume */
  lost: 3
};
var LONGEST_REINFLATION = 3600;
var SNAP_TIME = 0.3;
var LAST_FOLDS = 3;
var LIFT = 0.25;
function opened(gauge, setting) {
  const x = (gauge - setting) / (LIFT * setting);
  return x <= 0 ? 0 : x >= 1 ? 1 : x * x * (3 - 2 * x);
}
var EDGE = 20;
var ReinflationSystem = class {
  constructor(plan3) {
    this.plan = plan3;
    const { solid, wallThickness, upperArea, crossSection: crossSection2, capacity } = plan3.vessel;
    this.scale = Float64Array.of(2, 0.02 * capacity, 0.02 * plan3.water, 0.02);
    this.reference[REINFLATION.temperature] = plan3.room.boilingPoint;
    this.wallCapacity = solid.density * solid.specificHeat * wallThickness * (upperArea + crossSection2);
    this.area = upperArea;
  }
  plan;
  size = 4;
  scale;
  reference = new Float64Array(4);
  amounts = [REINFLATION.air];
  wallCapacity;
  area;
  volume(state3) {
    return Math.max(
      this.plan.vessel.capacity * (1 - state3[REINFLATION.lost]) - state3[REINFLATION.water] / 960,
      this.plan.vessel.capacity * 0.01
    );
  }
  /** Over the room, Pa: saturated steam and the air left. */
  gauge(state3) {
    const temperature = state3[REINFLATION.temperature];
    return quickSaturationPressure(temperature) + Math.max(0, state3[REINFLATION.air]) * AIR_GAS_CONSTANT * temperature / this.volume(state3) - this.plan.room.pressure;
  }
  /** Pressure over the room that the wall asks for at its present shape, Pa. */
  asked(state3) {
    const { popDifference, lostBefore } = this.plan;
    const back = Math.min(1, Math.max(0, 1 - state3[REINFLATION.lost] / lostBefore));
    const square = back * back;
    return popDifference * (1 + (LAST_FOLDS - 1) * square * square);
  }
  derivatives(_time, state3, slope) {
    const { room, power, reliefArea, reliefSetting, lostBefore, vessel, popDifference } = this.plan;
    const temperature = state3[REINFLATION.temperature];
    const water = Math.max(0, state3[REINFLATION.water]);
    const air = Math.max(0, state3[REINFLATION.air]);
    const volume = this.volume(state3);
    const saturation = quickSaturationPressure(temperature);
    const vapour = saturation * volume / (WATER_GAS_CONSTANT * temperature);
    const gauge = this.gauge(state3);
    const latent = quickLatentHeat(temperature);
    const density = (vapour + air) / volume;
    const flow = reliefSetting > 0 ? opened(gauge, reliefSetting) * gasThroughNozzle(reliefArea, room.pressure + gauge, density, room.pressure) : -openingFlow(reliefArea, room.pressure, room.airDensity, room.pressure + gauge, density);
    const airOut = flow > 0 ? flow * air / (vapour + air) : flow;
    const vapourOut = flow > 0 ? flow - airOut : 0;
    const push = beyond(gauge - this.asked(state3), EDGE);
    slope[REINFLATION.lost] = state3[REINFLATION.lost] > 0 ? -lostBefore * push / (popDifference * SNAP_TIME) : 0;
    slope[REINFLATION.air] = -airOut;
    const clausius = saturation * latent / (WATER_GAS_CONSTANT * temperature * temperature);
    const vapourPerKelvin = clausius * volume / (WATER_GAS_CONSTANT * temperature);
    const growing = -slope[REINFLATION.lost] * vessel.capacity * saturation / (WATER_GAS_CONSTANT * temperature);
    const lossed = this.area * roomLossFlux(room.loss, temperature);
    slope[REINFLATION.temperature] = (power - lossed - latent * (vapourOut + growing)) / (this.wallCapacity + water * LIQUID_SPECIFIC_HEAT + latent * vapourPerKelvin);
    slope[REINFLATION.water] = -(vapourOut + growing + vapourPerKelvin * slope[REINFLATION.temperature]);
  }
};
var state2 = new Float64Array(4);
function reinflate(plan3, tolerance, record) {
  const system = new ReinflationSystem(plan3);
  const { room, lostBefore, water } = plan3;
  state2[REINFLATION.temperature] = room.temperature;
  state2[REINFLATION.water] = water;
  state2[REINFLATION.lost] = lostBefore;
  state2[REINFLATION.air] = Math.max(0, room.pressure - quickSaturationPressure(room.temperature)) * system.volume(state2) / (AIR_GAS_CONSTANT * room.temperature);
  const steams = plan3.reliefSetting > 0 ? (_, s) => system.gauge(s) - plan3.reliefSetting : (_, s) => s[REINFLATION.temperature] - (room.boilingPoint - 0.5);
  const ended = integratorOf(4).run(system, state2, 0, LONGEST_REINFLATION, {
    // An open hole holds the pressure as tightly as a stiff spring, and the last kelvin before boiling is a long time.
    tolerance: tolerance / 5,
    firstStep: 0.5,
    between: record ? 1 : 0,
    onStep: record && ((time, s) => record(time, s, system.gauge(s))),
    peaks: [{ id: "gauge", value: (_, s) => system.gauge(s) }],
    events: [
      { id: "steams", direction: 1, stops: false, value: steams },
      { id: "pop", direction: 1, stops: false, value: (_, s) => 0.95 * lostBefore - s[REINFLATION.lost] },
      { id: "back", direction: -1, stops: true, value: (_, s) => s[REINFLATION.lost] - 0.08 * lostBefore },
      { id: "dry", direction: -1, stops: true, value: (_, s) => s[REINFLATION.water] - 0.05 * water }
    ]
  });
  const at4 = (id) => ended.occurrences.find((o) => o.id === id)?.time;
  return {
    pop: at4("pop"),
    steaming: at4("steams"),
    lost: state2[REINFLATION.lost],
    peakGauge: Math.max(0, ended.peaks.gauge.value),
    waterLeft: Math.max(0, state2[REINFLATION.water]),
    end: ended.time
  };
}

// core/catalogue/steam/drum-reinflate/simulate.ts
var BACK2 = 0.6;
var SEEN4 = 0.08;
var CONTRACTION3 = 0.65;
var COLUMNS13 = [
  ...GAS_COLUMNS,
  { id: "waterTemperature", name: "water inside", quantity: "temperature" },
  { id: "waterInside", name: "water inside", quantity: "mass" },
  { id: "airFraction", name: "air in the gas", quantity: "fraction" },
  { id: "volumeLost", name: "volume lost", quantity: "fraction" }
];
function reinflationPlan(values) {
  const { numbers, choices } = values;
  const n = numbers;
  const solid = SOLIDS[choices.wallMaterial];
  const shell = { diameter: n.vesselDiameter, height: n.vesselHeight, wallThickness: n.wallThickness };
  const vessel = cylinderVessel({ ...shell, capacity: n.vesselVolume, mouthDiameter: n.mouthDiameter }, solid);
  const open = choices.reliefPath === "bung-out";
  return {
    vessel,
    room: roomOf(values, vessel),
    power: n.heaterPower * n.heatingEfficiency,
    lostBefore: n.lostBefore,
    water: n.waterCharge * quickLiquidDensity(293),
    popDifference: n.popShare * vonMisesBuckling(shell, solid).pressure,
    reliefArea: CONTRACTION3 * (open ? Math.PI * n.mouthDiameter * n.mouthDiameter / 4 : n.reliefOpening),
    reliefSetting: open ? 0 : n.reliefSetting
  };
}
var CLOSER = 4;
function simulate15(values, detail, refinement = 1) {
  const plan3 = reinflationPlan(values);
  const { vessel, room, lostBefore } = plan3;
  const time = [];
  const columns = Object.fromEntries(COLUMNS13.map((c) => [c.id, []]));
  const record = detail === "trace" ? (at4, s, gauge) => {
    const temperature = s[REINFLATION.temperature];
    const pressure = room.pressure + gauge;
    const saturation = quickSaturationPressure(temperature);
    time.push(at4);
    columns.pressure.push(pressure);
    columns.waterTemperature.push(temperature);
    columns.waterInside.push(Math.max(0, s[REINFLATION.water]));
    columns.airFraction.push(Math.max(0, 1 - saturation / pressure));
    columns.volumeLost.push(s[REINFLATION.lost]);
    const airFraction = Math.max(0, 1 - saturation / pressure);
    const free = Math.max(
      1e-9,
      vessel.capacity * (1 - s[REINFLATION.lost]) - Math.max(0, s[REINFLATION.water]) / 1e3
    );
    const gas = gasAmounts(pressure, airFraction, free, temperature);
    columns.gasTemperature.push(temperature);
    columns.airMass.push(gas.air / AIR_GAS_CONSTANT);
    columns.steamMass.push(gas.steam / WATER_GAS_CONSTANT);
  } : void 0;
  const ended = reinflate(plan3, stepTolerance(detail, CLOSER * refinement), record);
  const back = 1 - ended.lost / lostBefore;
  const surface = outerSurface({
    diameter: vessel.diameter,
    height: vessel.height,
    wallThickness: vessel.wallThickness
  });
  const results28 = {
    boilingTemperature: room.boilingPoint,
    waterLeft: ended.waterLeft,
    peakGaugePressure: ended.peakGauge,
    criticalPressureDifference: plan3.popDifference,
    volumeLost: ended.lost,
    outsideForce: room.pressure * surface,
    peakNetForce: ended.peakGauge * surface,
    peakPressureDifference: ended.peakGauge,
    ...ended.steaming !== void 0 && { timeToPlume: ended.steaming },
    ...ended.pop !== void 0 && { timeToPop: ended.pop }
  };
  const end = ended.end;
  return {
    results: results28,
    outcome: back >= BACK2 ? "pop" : back >= SEEN4 ? "partly" : "stay",
    events: new EventList().add("relief", ended.steaming).add("pop", ended.pop).add("dry", ended.waterLeft < 0.06 * plan3.water && end < LONGEST_REINFLATION ? end : void 0).sorted(),
    details: {
      emptyMass: surface * vessel.wallThickness * vessel.solid.density,
      stationPressure: room.pressure,
      capacity: vessel.capacity,
      sealing: 0,
      timeOfLifting: end,
      timeOfPeak: ended.pop ?? end,
      boiledDry: ended.waterLeft < 0.06 * plan3.water ? 1 : 0,
      ...ended.pop !== void 0 && { goneAt: ended.pop }
    },
    ...record && { trace: { time, columns, stages: stagesOf(ended.pop, end) } }
  };
}
function stagesOf(pop, end) {
  if (pop === void 0) return [{ id: "heat", name: "heat", start: 0, end }];
  return [
    { id: "heat", name: "heat", start: 0, end: pop },
    { id: "pop", name: "popping back", start: pop, end: Math.max(end, pop + 0.01) }
  ];
}
var gasAmounts = (pressure, airFraction, volume, temperature) => {
  const amount = pressure * volume / temperature;
  const air = airFraction * AIR_MOLAR_MASS * AIR_GAS_CONSTANT;
  const steam = (1 - airFraction) * WATER_MOLAR_MASS * WATER_GAS_CONSTANT;
  return { air: amount * air / (air + steam), steam: amount * steam / (air + steam) };
};

// core/catalogue/steam/drum-reinflate/outcomes.ts
var CAUSES2 = {
  cooling: "the gas getting hotter (pushes out)",
  steam: "steam formed (pushes out)",
  air: "air that has left through the relief",
  crush: "room made by the wall moving out"
};
function ledger13({ trace, details }) {
  if (!trace) throw new RangeError("trace: the ledger needs a simulation with a trace");
  const c = trace.columns;
  const now = indexAt(trace.time, details.timeOfPeak);
  const at4 = (i) => {
    const volume = details.capacity * (1 - c.volumeLost[i]) - c.waterInside[i] / 960;
    return {
      volume,
      temperature: c.waterTemperature[i],
      ...gasAmounts(c.pressure[i], c.airFraction[i], volume, c.waterTemperature[i])
    };
  };
  const [before, after] = [at4(0), at4(now)];
  const rows = differenceByCause({
    temperatures: [before.temperature, after.temperature],
    volume: before.volume,
    amount: before.air + before.steam,
    inflow: 0,
    lost: before.volume - after.volume,
    gone: { air: before.air - after.air, steam: before.steam - after.steam }
  });
  return {
    moment: details.goneAt === void 0 ? "at the end" : "when the first fold moves",
    rows: ["cooling", "steam", "air", "crush"].map((id) => ({ id, cause: CAUSES2[id], pressure: rows[id] })),
    difference: c.pressure[0] - c.pressure[now]
  };
}
var logged15 = {
  used: ["waterCharge", "reliefSetting", "heaterPower"],
  seen: ["timeToPop", "timeToPlume", "volumeLost"]
};
var results15 = steamResults(
  "boilingTemperature",
  "timeToPlume",
  "timeToPop",
  "peakGaugePressure",
  "criticalPressureDifference",
  "peakPressureDifference",
  "outsideForce",
  "peakNetForce",
  "waterLeft",
  "volumeLost"
).map(
  (r) => r.id === "criticalPressureDifference" ? { ...r, name: "overpressure that pops it back" } : r.id === "peakPressureDifference" ? { ...r, name: "greatest difference, outward" } : r.id === "volumeLost" ? { ...r, name: "volume still lost" } : r
);
var outcomes15 = [
  { id: "pop", look: "filled", name: "pops back", sentence: "It swells out again with thumps and is nearly round." },
  { id: "partly", look: "partly", name: "comes partly back", sentence: "Some folds come out, others stay." },
  { id: "stay", look: "nothing", name: "stays crushed", sentence: "Steam comes out, and nothing moves." }
];
var sizes13 = (values, s) => sizesOf(s, values.numbers.vesselDiameter * values.numbers.vesselHeight, false);

// core/catalogue/steam/relief.ts
var ACCUMULATION = 0.25;
var MARGIN = 1.3;
var LEAST_ALLOWED = 5e3;
function reliefPasses(values) {
  if (values.choices.reliefPath === "none") return [];
  const plan3 = reinflationPlan(values);
  const gauge = Math.max(LEAST_ALLOWED, (1 + ACCUMULATION) * plan3.reliefSetting);
  const inside = plan3.room.pressure + gauge;
  const temperature = quickSaturationTemperature(inside);
  const made = MARGIN * plan3.power / quickLatentHeat(temperature);
  const passes = gasThroughNozzle(
    plan3.reliefArea,
    inside,
    inside / (WATER_GAS_CONSTANT * temperature),
    plan3.room.pressure
  );
  if (passes >= made) return [];
  const wanted = made / passes * values.numbers.reliefOpening;
  return values.choices.reliefPath === "bung-out" ? [
    {
      input: "mouthDiameter",
      message: say`given ${asLength(values.numbers.mouthDiameter, { digits: 4 })}; refused: this burner makes
            more steam than the open bung hole lets out, and the pressure climbs; accepted: a wider hole, or a
            smaller burner`
    }
  ] : [
    {
      input: "reliefOpening",
      message: say`given ${asArea(values.numbers.reliefOpening, { digits: 4 })}; refused: this burner makes
            more steam than that lets out, and the pressure climbs past the
            ${asPressure(plan3.reliefSetting, { digits: 4 })} at which it opens; accepted: at least
            ${asArea(wanted * 1.005, { digits: 4, toward: "above" })}, or a smaller burner`
    }
  ];
}

// core/catalogue/steam/drum-reinflate/inputs.ts
var MOST_SETTING = 5e4;
var inputs15 = defineInputs([
  ...ROOM_INPUTS,
  quantity("vesselVolume", {
    name: "capacity when sound",
    units: ["L", "gal"],
    default: 0.06,
    range: [1e-3, 0.3],
    usual: [4e-3, 0.21]
  }),
  quantity("vesselDiameter", { units: ["cm", "in"], default: 0.38, range: [0.1, 0.8], usual: [0.15, 0.6] }),
  quantity("vesselHeight", { units: ["cm", "in"], default: 0.54, range: [0.1, 1.3], usual: [0.25, 0.9] }),
  choice("wallMaterial", { default: "steel" }),
  quantity("wallThickness", { default: 6e-4, range: [1e-4, 2e-3], usual: [2e-4, 12e-4] }),
  quantity("mouthDiameter", { name: "bung hole", default: 0.05, range: [0.01, 0.2], usual: [0.018, 0.06] }),
  {
    id: "lostBefore",
    name: "volume it has lost",
    kind: "quantity",
    quantity: "fraction",
    units: ["%", "%"],
    group: "vessel",
    default: 0.35,
    range: [0.03, 0.85],
    usual: [0.1, 0.7],
    spread: { shape: "normal", relative: 0.1 }
  },
  quantity("waterCharge", {
    name: "water still in it",
    units: ["L", "qt"],
    default: 8e-4,
    range: [2e-5, 0.03],
    usual: [1e-4, 4e-3]
  }),
  {
    id: "reliefPath",
    name: "way out for the steam",
    kind: "choice",
    group: "heat",
    default: "relief-valve",
    choices: [
      { id: "relief-valve", name: "a relief valve in the bung hole" },
      { id: "bung-out", name: "the bung out" },
      { id: "none", name: "none, the bung in" }
    ]
  },
  {
    id: "reliefOpening",
    name: "free area of the relief",
    kind: "quantity",
    quantity: "area",
    units: ["mm2", "in2"],
    group: "heat",
    default: 8e-5,
    range: [5e-6, 5e-3],
    usual: [2e-5, 5e-4],
    spread: { shape: "normal", relative: 0.1 }
  },
  {
    id: "reliefSetting",
    name: "overpressure at which it opens",
    kind: "quantity",
    quantity: "pressure",
    units: ["kPa", "psi"],
    group: "heat",
    default: 2e4,
    range: [0, MOST_SETTING],
    usual: [2e3, 4e4],
    spread: { shape: "normal", relative: 0.08 },
    lever: [-1e4]
  },
  quantity("heaterPower", { name: "burner", default: 6e3, range: [200, 6e4], usual: [2e3, 15e3], lever: [-3e3] }),
  quantity("heatingEfficiency", {
    default: 0.35,
    source: "a crushed base sits badly on the flame; common practice 0.25 to 0.5"
  }),
  {
    id: "popShare",
    name: "overpressure that pops it back, against the strength of the sound shell",
    kind: "quantity",
    quantity: "fraction",
    units: ["%", "%"],
    group: "coefficient",
    default: 0.5,
    range: [0.05, 3],
    usual: [0.2, 1.2],
    spread: { shape: "uniform", below: 0.3, above: 0.6 },
    source: "an elastic fold would snap back below the load that made it, a sharp one needs more; assumption, to be narrowed by past runs"
  }
]);
var check14 = (values) => [
  ...values.choices.reliefPath === "none" ? [
    {
      input: "reliefPath",
      message: 'given "none"; refused: a closed vessel is never heated, since nothing then limits the pressure inside and a crushed one bursts at a fold or a seam without warning; accepted: relief-valve, bung-out'
    }
  ] : [],
  ...reliefPasses(values),
  ...capacityFits(
    values,
    enclosedVolume({ diameter: values.numbers.vesselDiameter, height: values.numbers.vesselHeight })
  ),
  ...values.numbers.waterCharge > 0.6 * values.numbers.vesselVolume * (1 - values.numbers.lostBefore) ? [
    {
      input: "waterCharge",
      message: say`given ${asVolume(values.numbers.waterCharge, { digits: 4 })}; accepted: at most
            ${asVolume(0.6 * values.numbers.vesselVolume * (1 - values.numbers.lostBefore), {
        digits: 4,
        toward: "below"
      })}, three
            fifths of what the crushed drum still holds`
    }
  ] : [],
  ...atMost(values, "mouthDiameter", "vesselDiameter", "the drum's diameter"),
  ...thinWall(values, values.numbers.vesselDiameter)
];

// core/catalogue/steam/drum-reinflate/procedure.ts
var shelf15 = [
  { step: "drum", kind: "vessel", shapes: ["cylinder"], materials: ["steel", "aluminium"], capacity: [1e-3, 0.3] },
  { step: "heat", kind: "heater", heaters: FLAME_OR_PLATE }
];
var procedure15 = [
  {
    id: "drum",
    parts: [
      "Take the crushed ",
      { input: "wallMaterial" },
      " drum: ",
      { input: "vesselVolume" },
      ", ",
      { input: "vesselDiameter" },
      " across, ",
      { input: "vesselHeight" },
      " tall, ",
      { input: "wallThickness" },
      " thick, bung hole ",
      { input: "mouthDiameter" },
      "; ",
      { input: "lostBefore" },
      " of its volume is gone and ",
      { input: "waterCharge" },
      " of water is still in it."
    ]
  },
  { id: "open", parts: ["Loosen the bung and let air in until the hiss stops."] },
  {
    id: "relief",
    parts: [
      "Give the steam a way out: ",
      { input: "reliefPath" },
      ", ",
      { input: "reliefOpening" },
      " of free area, opening at ",
      { input: "reliefSetting" },
      " over the room."
    ]
  },
  {
    id: "heat",
    hazards: ["pressure", "closed-hot-vessel", "scald", "heat", "flame"],
    marks: ["sealed"],
    parts: [
      "From a distance, heat it with the ",
      { input: "heaterPower" },
      " burner (",
      { input: "heatingEfficiency" },
      " gets in). Hush."
    ],
    duration: (s) => s.results.timeToPop ?? s.results.timeToPlume
  }
];
var kit15 = () => [
  "crushed drum of known history",
  "relief valve with its paper, or the bare bung hole",
  "burner that can be shut off from a distance",
  "barrier tape",
  "gloves, eye and ear protection",
  "clock"
];

// core/catalogue/steam/drum-reinflate/drawing.ts
var drawing15 = (values, s, time) => steamScene(values, s, time, {
  shape: "drum",
  closure: "relief",
  cooling: "",
  heat: "flame",
  diameter: values.numbers.vesselDiameter,
  height: values.numbers.vesselHeight,
  mouth: values.numbers.mouthDiameter,
  hoopSpacing: values.numbers.vesselHeight / 3
});

// core/catalogue/steam/drum-reinflate/teaching.ts
var teaching13 = {
  wrongIdea: {
    idea: "Heating the metal straightens it.",
    answer: "The metal only follows. Steam inside pushes it out again, a little harder than the room pushes in."
  },
  before: ["Which way out must the steam have?", "Will it look like new?"],
  after: ["Why did it pop back in jumps?", "Why is it weaker now?"],
  elsewhere: ["Dents in a table-tennis ball, in hot water.", "A dented bottle that is blown up again."]
};
var why15 = (values, { results: r, outcome, details }) => {
  const lines = [
    say`The folds ask for about ${asPressure(r.criticalPressureDifference)} over the room; the inside gets to
      ${asPressure(r.peakGaugePressure)}.`
  ];
  if (values.choices.reliefPath === "bung-out")
    lines.push("With the bung out steam leaves as fast as it is made, so hardly any overpressure builds up.");
  else if (r.peakGaugePressure < r.criticalPressureDifference)
    lines.push(
      say`The relief opens at ${asPressure(values.numbers.reliefSetting)} and keeps the pressure there: that is
        its job.`
    );
  if (r.timeToPop !== void 0) lines.push(say`The first fold moves ${asTime(r.timeToPop)} after heat on.`);
  if (outcome === "partly") lines.push("Sharp folds need more than the relief allows.");
  if (details.boiledDry === 1) lines.push("The water runs out: nothing more comes after that.");
  return lines;
};
var explanation15 = (_values, { results: r }) => [
  {
    from: 7,
    text: "Hot water inside makes steam again, and steam pushes outward. If it pushes harder than the air outside, the dents come out."
  },
  {
    from: 11,
    text: say`The air outside pressed the drum in. Steam inside can press it out again, if the pressure inside
      gets ${asPressure(r.criticalPressureDifference)} above the room's. The way out for the steam sets how far
      that can go.`
  },
  {
    from: 14,
    text: "Water in a vessel with a small opening boils a little above its usual boiling point, since its vapour must push against the room and the opening. The relief decides how far."
  },
  {
    from: 16,
    text: say`Along the saturation line ${asTemperatureDifference(3)} above the boiling point already mean some
      ${asPressure(11e3)}. Elastic folds snap back at a fraction of the buckling load; plastic hinges do not,
      which is why the drum is never as good as new.`
  }
];

// core/catalogue/steam/drum-reinflate/index.ts
var drumReinflate = defineDemonstration({
  id: "drum-reinflate",
  name: "Drum that pops back",
  summary: "A crushed vessel that still holds water, heated with a way out for the steam.",
  noun: ["drum", "drums"],
  people: { performs: 18, watches: 12 },
  gates: gates15,
  cautions: cautions15,
  afterFailure: afterFailure15,
  gallery: {
    family: "steam",
    effect: "Groans and thumps as the folds come out again, if they do.",
    topics: ["vapour pressure", "air pressure", "strength of shells"],
    ages: [12, 18]
  },
  hushWords: { inside: "air in the gas", strength: "" },
  wanted: "pop",
  columns: COLUMNS13,
  simulate: simulate15,
  ledger: ledger13,
  inputs: inputs15,
  check: check14,
  logged: logged15,
  results: results15,
  outcomes: outcomes15,
  sizes: sizes13,
  shelf: shelf15,
  procedure: procedure15,
  kit: kit15,
  drawing: drawing15,
  teaching: teaching13,
  why: why15,
  explanation: explanation15
});

// core/catalogue/hot-air/egg-in-bottle/cautions.ts
var gates16 = [
  {
    step: "light",
    text: "Before anything is lit or poured: hair tied, sleeves back, goggles on; egg in hand, pointed the right way, hands wiped dry; wet cloth at hand.",
    guards: ["flame", "scald", "heat", "chilled-glass"]
  }
];
var cautions16 = ({ numbers: n, choices }) => {
  const flame = choices.heating !== "hot-water";
  return applying(
    flame ? openFlame("light", n.matches > 3 && choices.heating === "matches") : scald(n.rinseTemperature, n.vesselVolume, "light", "Water from the kettle", "scald-kettle"),
    flame && choices.eggSkin === "oiled" ? oilByFlame("ready") : void 0,
    flame ? void 0 : thermalShock(
      n.rinseTemperature - n.coolingTemperature,
      USUAL_CHILL["soda-lime"],
      shareCracked(n.rinseTemperature - n.coolingTemperature, USUAL_CHILL["soda-lime"]),
      "light"
    ),
    {
      id: "glass-heated",
      step: "light",
      severity: "usual",
      covers: ["heat", "chilled-glass"],
      hazard: "Glass heated at one spot, or hot glass put into cold water, can crack.",
      control: "Thick bottle without a chip; the paper falls free of the wall; goggles; never cooled with ice after a flame."
    },
    noFood("Soot and hands have been on the egg.", "egg")
  );
};
var LAST = [next("Nobody eats it; ask about egg allergies before anybody cleans up.")];
var afterFailure16 = ({ numbers: n, choices }, _s, risk, outcome) => outcome === "torn" ? [
  wait("Let it burn out and cool; hands and faces away from the neck."),
  pressureOff(
    "Torn eggs let the air in by themselves; a piece that still closes the neck is pushed aside with a stick."
  ),
  near("Rinse the pieces out with a bottle brush; never break the bottle."),
  next(
    say`It is too wide for this neck (${asLength(n.eggDiameter)} in ${asLength(n.neckDiameter)}): a smaller
            egg, wetted.`
  ),
  ...LAST
] : [
  wait(say`Hands and faces away from the neck for ${asTime(mayStillGo(risk))}: it may still go.`),
  pressureOff(
    "Then lift one side of the egg with a spoon\u2019s handle, from beside it: air hisses in. Never with a mouth over it."
  ),
  near("Take it off, look for a tear or a dry spot; glass that was in a flame stays hot for minutes."),
  next(say`Measure egg and neck again: ${asLength(n.eggDiameter)} in ${asLength(n.neckDiameter)}.`),
  next(
    choices.heating === "hot-water" ? "Wet or oil the neck, pointed end down, quicker from the pouring out; or a smaller egg." : "Wet the neck, pointed end down, and be quicker; or take a smaller egg."
  ),
  ...LAST
];

// core/mechanisms/egg-in-neck.ts
var interference = ({ egg, neck }) => (egg - neck) / egg;
function pushThrough(fit) {
  const squeeze = interference(fit);
  if (squeeze <= 0) return 0;
  const contact = fit.stiffness * squeeze * 4 / 3;
  const band = fit.egg * Math.sqrt(2 * squeeze);
  return 4 * contact * band / fit.neck * (fit.friction + fit.slope);
}
var loadPerSqueeze = (fit) => 16 / 3 * fit.stiffness * fit.egg * Math.sqrt(2) / fit.neck * (fit.friction + fit.slope);
function pushThroughNow(fit, relaxing, flowed) {
  const squeeze = interference(fit);
  return squeeze <= 0 ? 0 : loadPerSqueeze(fit) * (squeeze - (1 - relaxing.kept) * flowed) * Math.sqrt(squeeze);
}
function flowRate(fit, relaxing, flowed, difference) {
  const full = Math.max(0, interference(fit));
  const load = Math.max(0, difference) / loadPerSqueeze(fit);
  const lag = (1 - relaxing.kept) * flowed;
  let root = Math.sqrt(full);
  if ((root * root - lag) * root > load) {
    for (let i = 0; i < 30; i++) {
      const step = ((root * root - lag) * root - load) / (3 * root * root - lag);
      root -= step;
      if (Math.abs(step) < 1e-12) break;
    }
  }
  return (root * root - flowed) / relaxing.time;
}
var tears = (fit, limit) => interference(fit) > limit;
var widestEgg = (fit, difference) => halving((egg) => pushThrough({ ...fit, egg }) < difference, fit.neck, fit.neck * 2, 40);

// core/mechanisms/glass-wall.ts
var GLASS_LAYERS = 3;
var innerFace = (wall, state3, first, flux) => state3[first] + flux * halfLayer(wall);
var halfLayer = ({ thickness }) => thickness / (2 * GLASS_LAYERS * SOLIDS.glass.conductivity);
var toFirstLayer = (wall, transfer2) => 1 / (1 / transfer2 + halfLayer(wall));
function conduct(wall, state3, slope, first, flux) {
  const { conductivity, density, specificHeat } = SOLIDS.glass;
  const layer = wall.thickness / GLASS_LAYERS;
  const capacity = density * specificHeat * layer;
  let entering = flux;
  for (let i = 0; i < GLASS_LAYERS; i++) {
    const here = state3[first + i];
    const leaving = i < GLASS_LAYERS - 1 ? conductivity / layer * (here - state3[first + i + 1]) : (here - wall.outside) / (1 / wall.transfer + halfLayer(wall));
    slope[first + i] = (entering - leaving) / capacity;
    entering = leaving;
  }
}

// core/mechanisms/bottle-under-egg.ts
var HAIR2 = 1e-4;
var FINER2 = 8;
var BOTTLE = { glass: GAS_SIZE, flowed: GAS_SIZE + GLASS_LAYERS };
var SIZE4 = BOTTLE.flowed + 1;
var FILM2 = 0.03;
var PATIENCE2 = 180;
var [WARM, RELAXED] = [0.3, 0.02];
var [IN_WATER, IN_AIR] = [400, 10];
var EggBottle = class {
  constructor(plan3) {
    this.plan = plan3;
    const moles = plan3.outside * plan3.volume / (GAS_CONSTANT * plan3.room);
    this.scale = new Float64Array(SIZE4).fill(0.02 * moles);
    this.scale[GAS.temperature] = 5;
    for (let i = 0; i < GLASS_LAYERS; i++) this.scale[BOTTLE.glass + i] = 5;
    this.scale[BOTTLE.flowed] = 0.01;
    this.reference.fill(plan3.room, BOTTLE.glass, BOTTLE.flowed);
    this.reference[GAS.temperature] = plan3.room;
    this.flame = plan3.flame;
    this.wall = { thickness: plan3.glassThickness, outside: plan3.room, transfer: IN_AIR };
    this.air = { temperature: plan3.room, humid: plan3.vapourOutside / plan3.outside };
  }
  plan;
  size = SIZE4;
  scale;
  reference = new Float64Array(SIZE4);
  amounts = GAS_AMOUNTS;
  mode = "open";
  flame;
  /** mol/s that come in through the neck at the last evaluation (negative: leave) */
  coming = 0;
  wall;
  air;
  pressure(s) {
    const { outside, valve, volume } = this.plan;
    return this.mode === "open" ? outside : this.mode === "venting" ? outside + valve : gasPressure(s, volume);
  }
  difference(s) {
    return this.plan.outside - this.pressure(s);
  }
  derivatives(_time, s, slope) {
    const { plan: plan3, wall } = this;
    const pressure = this.pressure(s);
    const transfer2 = toFirstLayer(wall, plan3.transfer);
    const face = innerFace(wall, s, BOTTLE.glass, transfer2 * (s[GAS.temperature] - s[BOTTLE.glass]));
    const r = gasRates(s, this.flame, pressure, plan3.area, plan3.transfer, face, slope);
    conduct(wall, s, slope, BOTTLE.glass, r.toWall / plan3.area);
    if (this.mode === "closed") slope[GAS.temperature] = warmingClosed(s, r);
    else {
      let exchange = 0;
      if (this.mode === "open") {
        const light = pressure * meanMolarMass(s) / (GAS_CONSTANT * s[GAS.temperature]);
        const heavy2 = pressure * AIR_MOLAR_MASS / (GAS_CONSTANT * plan3.room);
        exchange = plan3.exchange * buoyantExchange(plan3.fit.neck, light, heavy2) * pressure / (GAS_CONSTANT * plan3.room);
      }
      this.coming = holdPressure(s, r, slope, this.mode === "open" ? this.air : void 0, exchange);
    }
    slope[BOTTLE.flowed] = this.mode === "open" ? 0 : flowRate(plan3.fit, plan3.relaxing, s[BOTTLE.flowed], this.difference(s) + plan3.valve);
  }
};
var meanMolarMass = (s) => AIR_MOLAR_MASS + (WATER_MOLAR_MASS - AIR_MOLAR_MASS) * s[GAS.vapour] / molesOf(s);
function coolUnderEgg(plan3, tolerance, record) {
  const { outside, room, volume, valve, rinse: rinse2, flame, fit, relaxing } = plan3;
  const system = new EggBottle(plan3);
  const state3 = new Float64Array(SIZE4);
  const hot = rinse2?.hot ?? room;
  const vapour = rinse2 ? Math.min(0.95 * outside, quickSaturationPressure(hot)) : plan3.vapourOutside;
  fillWithAir(state3, outside * volume / (GAS_CONSTANT * hot), vapour / outside, hot);
  if (rinse2) state3[GAS.dew] = FILM2 * plan3.area / WATER_MOLAR_MASS;
  for (let i = 0; i < GLASS_LAYERS; i++) state3[BOTTLE.glass + i] = hot;
  let time = 0;
  let flameOut;
  let entered;
  let danced = 0;
  let hottest = hot;
  let peakDifference = 0;
  let possible = 0;
  let seal = { time: plan3.delay, state: state3.slice() };
  let greatest;
  const out = {
    id: "out",
    direction: -1,
    stops: true,
    value: (_, s) => system.flame ? vigour(s, system.flame.diesAt) - OUT : 1
  };
  const lifts = {
    id: "lifts",
    direction: 1,
    stops: true,
    value: (_, s) => gasPressure(s, volume) - outside - (1 + HAIR2) * valve
  };
  const scratch = new Float64Array(SIZE4);
  const closes = {
    id: "closes",
    direction: 1,
    stops: true,
    value: (t, s) => {
      system.derivatives(t, s, scratch);
      return system.coming;
    }
  };
  const goes = {
    id: "goes",
    direction: 1,
    stops: true,
    value: (_, s) => system.difference(s) + valve - pushThroughNow(fit, relaxing, s[BOTTLE.flowed])
  };
  const settled = {
    id: "settled",
    direction: -1,
    stops: true,
    value: (_, s) => {
      if (system.flame) return 1;
      const warm = Math.max(Math.abs(s[GAS.temperature] - system.wall.outside), Math.abs(s[BOTTLE.glass] - system.wall.outside)) / WARM;
      if (entered !== void 0 || warm > 1) return warm - 1;
      const flowing = flowRate(fit, relaxing, s[BOTTLE.flowed], system.difference(s) + valve) * relaxing.time;
      return Math.max(warm, flowing / (RELAXED * Math.max(1e-6, s[BOTTLE.flowed]))) - 1;
    }
  };
  const burns = flame?.burns ?? 0;
  const until = plan3.delay + PATIENCE2;
  const peaks = [
    { id: "hottest", value: (_, s) => s[GAS.temperature] },
    { id: "difference", value: (_, s) => system.difference(s) }
  ];
  while (time < until) {
    const { mode } = system;
    const next2 = mode === "open" ? plan3.delay : until;
    const end = system.flame && burns > time && burns < next2 ? burns : next2;
    const events = mode === "open" ? [] : [out, ...entered === void 0 ? [goes] : [], ...mode === "closed" ? [lifts, settled] : [closes]];
    const began = time;
    const stage = integratorOf(SIZE4).run(system, state3, time, end, {
      tolerance: tolerance / FINER2,
      firstStep: 0.01,
      explicitSteps: 12,
      events,
      peaks,
      between: record ? 2 : 0,
      ...record && entered === void 0 && { onStep: (t, s) => record(t, s, system.pressure(s)) }
    });
    time = stage.time;
    hottest = Math.max(hottest, stage.peaks.hottest.value);
    possible = Math.max(possible, stage.peaks.difference.value);
    if (entered === void 0) peakDifference = Math.max(peakDifference, stage.peaks.difference.value);
    if (mode === "venting") danced += time - began;
    if (system.flame && (stage.stoppedBy === "out" || time >= burns)) {
      system.flame = void 0;
      flameOut = time;
    }
    if (mode === "open" && time >= plan3.delay) {
      system.mode = "closed";
      if (rinse2) Object.assign(system.wall, { outside: rinse2.cold, transfer: IN_WATER });
      seal = { time, state: state3.slice() };
      if (goes.value(time, state3) >= 0) {
        entered = time;
        greatest = { time, state: state3.slice() };
      }
    } else if (stage.stoppedBy === "lifts") system.mode = "venting";
    else if (stage.stoppedBy === "closes") {
      system.mode = "closed";
      if (entered === void 0) seal = { time, state: state3.slice() };
    } else if (stage.stoppedBy === "goes") {
      entered = time;
      greatest = { time, state: state3.slice() };
    } else if (stage.stoppedBy === "settled" || time >= until) break;
    if (system.mode === "venting" && closes.value(time, state3) >= 0) {
      system.mode = "closed";
      if (entered === void 0) seal = { time, state: state3.slice() };
    }
  }
  return {
    seal,
    greatest: greatest ?? { time, state: state3.slice() },
    entered,
    flameOut,
    hottest,
    danced,
    peakDifference,
    possible,
    end: entered ?? time
  };
}

// core/catalogue/hot-air/egg.ts
var BOTTLE2 = defineInputs([
  blank("vesselVolume", "bottle", "mL", "vessel", 25e-5, [8e-5, 6e-3], [2e-4, 15e-4], 0.02, { tells: "vessel" }),
  blank("neckDiameter", "neck inside", "mm", "vessel", 0.034, [0.015, 0.09], [0.028, 0.05], {
    shape: "normal",
    absolute: 3e-4
  })
]);
var EGG = defineInputs([
  blank(
    "eggDiameter",
    "egg across its waist",
    "mm",
    "load",
    0.039,
    [0.015, 0.09],
    [0.034, 0.05],
    { shape: "normal", absolute: 5e-4 },
    { lever: [-3e-3, -15e-4, 15e-4, 3e-3] }
  ),
  blank(
    "eggMass",
    "egg without its shell",
    "g",
    "load",
    ({ numbers: n }) => 1050 * 0.5236 * 1.32 * n.eggDiameter * n.eggDiameter * n.eggDiameter,
    [2e-3, 0.4],
    [0.02, 0.08],
    0.05
  )
]);
var EGG_END = defineInput({
  id: "eggEnd",
  name: "end that goes first",
  kind: "choice",
  group: "load",
  default: "pointed",
  lever: true,
  choices: [
    { id: "pointed", name: "pointed end" },
    { id: "blunt", name: "blunt end" }
  ]
});
var EGG_SKIN = defineInput({
  id: "eggSkin",
  name: "neck and egg",
  kind: "choice",
  group: "load",
  default: "wet",
  lever: true,
  choices: [
    { id: "dry", name: "dry" },
    { id: "wet", name: "wet" },
    { id: "oiled", name: "oiled" }
  ]
});
var FRICTION = { dry: 0.3, wet: 0.12, oiled: 0.06 };
var EGG_COEFFICIENTS = defineInputs([
  coefficient(
    "eggStiffness",
    "stiffness of the boiled egg",
    "kPa",
    26e3,
    [3e3, 3e5],
    [1e4, 6e4],
    0.25,
    "gels of boiled white some 20 to 40 kPa (texture studies of egg gels, from memory); longer boiled, stiffer"
  ),
  coefficient(
    "eggFriction",
    "friction of egg on glass",
    "%",
    (v) => FRICTION[v.choices.eggSkin ?? ""] ?? 0.12,
    [5e-3, 0.9],
    [0.03, 0.5],
    0.25,
    "dry, wet and oiled gel on glass; assumption"
  ),
  coefficient(
    "keptStiffness",
    "share of its stiffness that stays under a lasting load",
    "%",
    0.4,
    [0.05, 1],
    [0.25, 0.65],
    { shape: "triangular", below: 0.2, above: 0.25 },
    "stress relaxation of heat-set egg white: a third to a half stays (Peleg 1979 for the method; figures from memory)"
  ),
  coefficient(
    "relaxationTime",
    "time in which the rest gives way",
    "s",
    15,
    [0.5, 600],
    [4, 60],
    0.6,
    "the same: some 5 to 60 s; longer boiled, slower"
  ),
  coefficient(
    "tearSqueeze",
    "squeeze at which the white tears",
    "%",
    0.2,
    [0.05, 0.6],
    [0.1, 0.4],
    0.12,
    "boiled white breaks at 30 to 45 % compression, and sooner where an edge cuts in; assumption"
  )
]);
var fitOf = ({
  numbers: n,
  choices
}) => ({
  egg: n.eggDiameter,
  neck: n.neckDiameter,
  stiffness: n.eggStiffness,
  friction: n.eggFriction,
  slope: choices.eggEnd === "blunt" ? 0.34 : 0.24
});
var relaxingOf = ({ numbers: n }) => ({
  kept: n.keptStiffness,
  time: n.relaxationTime
});
var needed = (values) => pushThrough(fitOf(values));
var torn = (values) => tears(fitOf(values), values.numbers.tearSqueeze);
function bodyOf(volume, neck) {
  let across = 0.03;
  while (Math.PI / 4 * across * across * across * 1.25 < volume) across *= 1.01;
  return { diameter: Math.max(across, neck * 1.15), height: across * 1.75, neck, neckLength: across * 0.28 };
}
var wallOf = ({ numbers: n }) => {
  const { diameter, height } = bodyOf(n.vesselVolume, n.neckDiameter);
  return Math.PI * diameter * height * 0.85 + Math.PI * diameter * diameter / 4;
};
function eggShapes(values, through, ripped, gas, upsideDown = false) {
  const n = values.numbers;
  const form = bodyOf(n.vesselVolume, n.neckDiameter);
  const lift2 = upsideDown ? 0.12 * form.height : 0;
  const flip = (points) => upsideDown ? points.map(([x, y2]) => [x, form.height - y2 + lift2]) : points;
  const wall = flip(bottle(0, 0, form));
  const eggHigh = n.eggDiameter * 1.32;
  const narrow = Math.max(0, 1 - Math.abs(through - 0.5) * 2);
  const width = n.eggDiameter - (n.eggDiameter - Math.min(n.eggDiameter, n.neckDiameter)) * Math.min(1, narrow * 1.6);
  const seat = form.height + eggHigh * 0.16;
  const bottom = eggHigh * 0.5;
  const y = through <= 0.5 ? seat - through * 2 * (seat - (form.height - form.neckLength * 0.6)) : form.height - form.neckLength * 0.6 - (through - 0.5) * 2 * (form.height - form.neckLength * 0.6 - bottom);
  const at4 = (x, dy) => [x, upsideDown ? form.height - (y + dy) + lift2 : y + dy];
  const egg = ripped ? [
    [-0.3, -0.2, 0.7],
    [0.28, 0.1, 0.6],
    [0.02, 0.42, 0.5]
  ].map(([dx, dy, size]) => ({
    kind: "round",
    at: at4(dx * n.eggDiameter, dy * eggHigh),
    across: width * size,
    high: eggHigh * size * 0.8,
    stuff: "food"
  })) : [{ kind: "round", at: at4(0, 0), across: width, high: eggHigh * n.eggDiameter / width, stuff: "food" }];
  return {
    shapes: [
      { kind: "gas", points: wall, ...gas },
      ...egg,
      { kind: "body", points: wall, stuff: "glass", open: true, thick: 3 }
    ],
    form,
    eggHigh
  };
}

// core/catalogue/hot-air/egg-in-bottle/simulate.ts
var COLUMNS14 = [
  ...HOT_COLUMNS,
  { id: "through", name: "egg through the neck", quantity: "fraction" }
];
var GULP = 0.35;
var RINSE_LOSS = 10;
var [GULP_POINTS, RUSH2] = [12, 0.6];
var CLOSER2 = 6;
function simulate16(values, detail, refinement = 1) {
  const n = values.numbers;
  const outside = n.stationPressure;
  const volume = n.vesselVolume;
  const hotWater = values.choices.heating === "hot-water";
  const neckArea = Math.PI * n.neckDiameter * n.neckDiameter / 4;
  const rows = detail === "trace" ? new TraceRows(COLUMNS14) : void 0;
  const row = (s, pressure, through) => ({
    pressure,
    gasTemperature: s[GAS.temperature],
    airMass: (molesOf(s) - s[GAS.vapour]) * GAS_MASS.air,
    steamMass: s[GAS.vapour] * GAS_MASS.vapour,
    oxygen: oxygenFraction(s),
    through
  });
  const valve = n.eggMass * GRAVITY / neckArea;
  const ended = coolUnderEgg(
    {
      volume,
      area: wallOf(values),
      transfer: n.wallTransfer,
      glassThickness: n.glassThickness,
      outside,
      room: n.airTemperature,
      vapourOutside: roomVapour(values),
      ...hotWater ? { rinse: { hot: Math.max(n.airTemperature, n.rinseTemperature - RINSE_LOSS), cold: n.coolingTemperature } } : {
        flame: {
          fuel: fuelOf("paper"),
          power: n.flamePower,
          kept: n.flameShare,
          diesAt: FLAME_DIES,
          burns: n.burnTime
        }
      },
      delay: n.eggDelay,
      exchange: n.exchange,
      fit: fitOf(values),
      relaxing: relaxingOf(values),
      valve
    },
    stepTolerance(detail, CLOSER2 * refinement),
    rows && ((t, s, p) => rows.add(t, row(s, p, 0)))
  );
  const { seal, greatest, entered, flameOut } = ended;
  let time = ended.end;
  if (entered !== void 0 && rows) {
    const held = greatest.state;
    const pressure = gasPressure(held, volume);
    for (let i = 1; i <= GULP_POINTS; i++) {
      const through = i / GULP_POINTS;
      time = entered + GULP * through;
      const rush = Math.max(0, (through - RUSH2) / (1 - RUSH2));
      rows.add(time, {
        ...row(held, pressure + (outside - pressure) * rush, through),
        airMass: (molesOf(held) - held[GAS.vapour]) * GAS_MASS.air * (1 + (outside / pressure - 1) * rush)
      });
    }
  }
  const rt = GAS_CONSTANT / volume;
  const [from, to] = [seal.state, greatest.state];
  const warmth = to[GAS.temperature];
  const fallen = (gas) => (from[gas] - to[gas]) * rt * warmth;
  const start = gasPressure(from, volume);
  return {
    results: {
      peakPressureDifference: ended.peakDifference,
      neededDifference: needed(values),
      hottest: ended.hottest,
      sealTemperature: from[GAS.temperature],
      oxygenLeft: oxygenFraction(to),
      danceTime: ended.danced,
      widestEgg: widestEgg(fitOf(values), ended.possible + valve),
      possibleDifference: ended.possible,
      pushOnEgg: ended.peakDifference * neckArea,
      ...entered !== void 0 && { hush: entered - n.eggDelay }
    },
    events: [
      { id: "seal", name: "egg on", time: n.eggDelay },
      ...flameOut !== void 0 ? [{ id: "out", name: "flame out", time: flameOut }] : [],
      ...entered !== void 0 ? [{ id: "in", name: "in", time: entered }] : []
    ],
    outcome: entered === void 0 ? "stays" : torn(values) ? "torn" : "whole",
    details: {
      stationPressure: outside,
      sealing: n.eggDelay,
      timeOfLifting: 0,
      valve,
      cooled: molesOf(from) * rt * (from[GAS.temperature] - warmth),
      condensed: fallen(GAS.vapour),
      oxygen: fallen(GAS.oxygen),
      dioxide: fallen(GAS.carbonDioxide),
      start,
      difference: start - gasPressure(to, volume),
      peakTime: greatest.time,
      lastSeal: seal.time,
      flameOut: flameOut ?? 0,
      ...entered !== void 0 && { goneAt: entered }
    },
    trace: rows && (() => {
      rows.stage("heat", hotWater ? "open and warm" : "open fire", n.eggDelay);
      rows.stage("hush", "hush", entered ?? time);
      rows.stage("after", "gulp", time);
      return rows.finish();
    })()
  };
}

// core/catalogue/hot-air/glass-chill.ts
function chilled(hot, cold, input) {
  const most = borneChill(USUAL_CHILL["soda-lime"]);
  return hot - cold <= most ? [] : [
    {
      input,
      message: say`given ${asTemperature(input === "warmTemperature" ? hot : cold, { digits: 4 })}; refused:
            between ${asTemperature(hot, { digits: 4 })} and ${asTemperature(cold, { digits: 4 })} more than
            ${CRACKS_REFUSED * 100} of 100 bottles crack; accepted: a difference of at most
            ${asTemperatureDifference(most, { digits: 4, toward: "below" })}`
    }
  ];
}

// core/catalogue/hot-air/egg-in-bottle/inputs.ts
var HEATINGS = {
  "paper": { name: "a strip of burning paper", burns: 12 },
  "matches": { name: "burning matches", burns: 11 },
  "hot-water": { name: "hot water, no flame", burns: 1 }
};
var PAPER_HEAT = 16e6;
var MATCH_POWER = 47;
var heating2 = ({ choices }) => HEATINGS[choices.heating] ?? HEATINGS.paper;
var flamePower = (v) => v.choices.heating === "matches" ? MATCH_POWER * v.numbers.matches : PAPER_HEAT * v.numbers.paperMass / HEATINGS.paper.burns;
var burnsStill = (v) => Math.max(0.3, heating2(v).burns - v.numbers.litDelay);
var CELSIUS5 = 273.15;
var inputs16 = defineInputs([
  ...ROOM_INPUTS,
  ...BOTTLE2,
  ...EGG,
  EGG_END,
  EGG_SKIN,
  {
    id: "heating",
    name: "what heats it",
    kind: "choice",
    group: "heat",
    default: "paper",
    lever: true,
    source: "Paper gives most heat; matches are tidier and slower; hot water needs no flame in the room and shows that oxygen has nothing to do with it.",
    choices: Object.entries(HEATINGS).map(([id, { name }]) => ({ id, name }))
  },
  blank("paperMass", "paper", "g", "heat", 2e-4, [2e-5, 5e-3], [5e-5, 1e-3], 0.15, {
    lever: [-1e-4, 2e-4]
  }),
  blank("matches", "matches", "1", "heat", 3, [1, 12], [1, 6], 0, { lever: [-1, 1, 2] }),
  blank(
    "litDelay",
    "from lit to dropped in",
    "s",
    "heat",
    1.5,
    [0.1, 30],
    [0.5, 8],
    { shape: "lognormal", relative: 0.3 },
    { lever: [-1, 2] }
  ),
  blank("flamePower", "heat that it sets free", "W", "heat", flamePower, [0.5, 1e4], [60, 1500], {
    shape: "lognormal",
    relative: 0.25
  }),
  blank("burnTime", "burns on in the bottle for", "s", "heat", burnsStill, [0.05, 60], [1, 25], {
    shape: "lognormal",
    relative: 0.2
  }),
  blank(
    "rinseTemperature",
    "hot water for the other way",
    "degC",
    "heat",
    CELSIUS5 + 80,
    [CELSIUS5 + 30, CELSIUS5 + 99],
    [CELSIUS5 + 50, CELSIUS5 + 95],
    { shape: "normal", absolute: 3 },
    { lever: [-10, 10] }
  ),
  blank(
    "coolingTemperature",
    "cold water round it then",
    "degC",
    "cooling",
    CELSIUS5 + 10,
    [CELSIUS5 + 0.5, CELSIUS5 + 40],
    [CELSIUS5 + 1, CELSIUS5 + 25],
    { shape: "normal", absolute: 1.5 }
  ),
  blank(
    "eggDelay",
    "from the flame (or from emptying) to the egg",
    "s",
    "heat",
    1.2,
    [0.2, 60],
    [0.5, 20],
    { shape: "lognormal", relative: 0.25 },
    { lever: [-0.5, 2, 10] }
  ),
  WALL_TRANSFER(18),
  ...EGG_COEFFICIENTS,
  coefficient(
    "glassThickness",
    "wall of the bottle",
    "mm",
    3e-3,
    [5e-4, 0.012],
    [15e-4, 6e-3],
    0.25,
    "bottles 2 to 5 mm; heat needs about L\xB2/\u03B1 = 20 s to come through 3 mm (Incropera & DeWitt, ch. 5)"
  ),
  coefficient(
    "flameShare",
    "share of the flame\u2019s heat that the gas keeps",
    "%",
    0.5,
    [0.02, 1],
    [0.2, 0.8],
    0.2,
    "the rest is radiated to the glass (a fifth to a third) or burns in the neck; assumption"
  ),
  coefficient(
    "exchange",
    "fresh air through the open neck",
    "%",
    1,
    [0.05, 5],
    [0.3, 2],
    0.3,
    "100 %: Epstein 1988 (counter-current through an opening); the flame in it disturbs it"
  )
]);
var check15 = ({ numbers: n, choices }) => [
  ...choices.heating === "hot-water" ? chilled(n.rinseTemperature, n.coolingTemperature, "coolingTemperature") : [],
  ...n.eggDiameter <= n.neckDiameter ? [
    {
      input: "eggDiameter",
      message: say`given ${asLength(n.eggDiameter, { digits: 4 })}; accepted: more than the neck,
            ${asLength(n.neckDiameter, { digits: 4, toward: "above" })}, or it drops in by itself`
    }
  ] : [],
  ...n.rinseTemperature <= n.coolingTemperature ? [
    {
      input: "rinseTemperature",
      message: say`given ${asTemperature(n.rinseTemperature, { digits: 4 })}; accepted: above the cooling
            water, ${asTemperature(n.coolingTemperature, { digits: 4, toward: "above" })}`
    }
  ] : []
];

// core/catalogue/hot-air/egg-in-bottle/outcomes.ts
var logged16 = { used: ["eggDiameter", "neckDiameter", "eggDelay"], seen: ["hush", "danceTime"] };
var results16 = [
  result("peakPressureDifference", "greatest pressure difference", "kPa"),
  result("neededDifference", "needed to push the egg through", "kPa"),
  result("possibleDifference", "greatest difference if the egg stayed", "kPa"),
  result("pushOnEgg", "room pushing on the egg", "N"),
  result("widestEgg", "widest egg that would go", "mm"),
  result("hush", "egg on until it goes", "s", HUSH),
  result("danceTime", "egg dances for", "s"),
  result("hottest", "gas at its hottest", "degC"),
  result("sealTemperature", "gas when the egg last sealed", "degC"),
  result("oxygenLeft", "oxygen left in the gas", "%")
];
var outcomes16 = [
  { id: "whole", look: "gone", name: "goes in whole", sentence: "The egg goes into the bottle in one piece." },
  { id: "torn", look: "harm", name: "tears", sentence: "The egg goes in, but in pieces." },
  { id: "stays", look: "nothing", name: "stays on top", sentence: "The egg sits on the neck and stays there." }
];
var suspects = [
  {
    id: "fit",
    words: "the egg does not fit the neck as reckoned",
    remedy: "measure the egg across and the neck; a smaller egg, wetted",
    inputs: [
      "eggDiameter",
      "neckDiameter",
      "eggMass",
      "eggStiffness",
      "eggFriction",
      "tearSqueeze",
      "keptStiffness",
      "relaxationTime"
    ],
    slips: ["eggDiameter", "neckDiameter"]
  },
  {
    id: "warmth",
    words: "too little warm air was caught",
    remedy: "more flame, or the egg on sooner",
    inputs: [
      "paperMass",
      "litDelay",
      "flamePower",
      "burnTime",
      "glassThickness",
      "rinseTemperature",
      "eggDelay",
      "flameShare",
      "exchange",
      "coolingTemperature",
      "wallTransfer"
    ],
    slips: ["flamePower", "burnTime", "eggDelay", "rinseTemperature"]
  }
];
var ledger14 = ({ details: d }) => ({
  moment: "at its greatest",
  difference: d.difference - (d.start - d.stationPressure),
  rows: [
    { id: "cooling", cause: "the gas getting colder since the egg last sealed", pressure: d.cooled },
    { id: "wall", cause: "vapour of the flame or the rinse condensing", pressure: d.condensed },
    { id: "oxygen", cause: "oxygen used up, less carbon dioxide made", pressure: d.oxygen + d.dioxide },
    {
      id: "leak",
      cause: "a little overpressure under the egg at the start (gives back)",
      pressure: d.stationPressure - d.start
    }
  ]
});
var sizes14 = (_values, s) => [
  {
    id: "pushOnEgg",
    name: "room pushing on the egg",
    value: s.results.pushOnEgg,
    quantity: "force",
    units: ["N", "lbf"],
    note: "greatest difference \xD7 the neck\u2019s opening"
  },
  {
    id: "equivalent",
    name: "as heavy as",
    value: s.results.pushOnEgg / 9.80665,
    quantity: "mass",
    units: ["kg", "lb"],
    note: "set on the egg"
  }
];

// core/catalogue/hot-air/egg-in-bottle/procedure.ts
var shelf16 = [
  {
    step: "bottle",
    kind: "vessel",
    shapes: ["bottle"],
    materials: ["glass"],
    capacity: [8e-5, 6e-3],
    mouth: [0.025, 0.06]
  }
];
var procedure16 = [
  {
    id: "bottle",
    parts: [
      "Take a bottle of ",
      { input: "vesselVolume" },
      " with a neck ",
      { input: "neckDiameter" },
      " wide inside, and a hard-boiled egg, ",
      { input: "eggDiameter" },
      " across without its shell (",
      { input: "eggMass" },
      ")."
    ]
  },
  { id: "ready", parts: ["Make neck and egg ", { input: "eggSkin" }, "; the ", { input: "eggEnd" }, " goes first."] },
  {
    id: "light",
    hazards: ({ choices }) => choices.heating === "hot-water" ? ["scald", "chilled-glass"] : ["flame", "heat", "chilled-glass"],
    parts: ({ choices }) => choices.heating === "hot-water" ? [
      "Heat the gas with ",
      { input: "heating" },
      ": rinse with water at ",
      { input: "rinseTemperature" },
      ", pour it out, and stand the bottle in water at ",
      { input: "coolingTemperature" },
      "."
    ] : [
      "Heat the gas with ",
      { input: "heating" },
      ": ",
      ...choices.heating === "matches" ? [{ input: "matches" }, " match(es)"] : [{ input: "paperMass" }, " of paper"],
      ", dropped in ",
      { input: "litDelay" },
      " after lighting (sets free ",
      { input: "flamePower" },
      " for ",
      { input: "burnTime" },
      ")."
    ]
  },
  {
    id: "egg",
    marks: ["sealed"],
    parts: ["Set the egg on the neck within ", { input: "eggDelay" }, ". It dances, it stops. Hush."],
    duration: (s) => s.results.hush
  }
];
var kit16 = (values) => [
  "bottle with a wide neck",
  "boiled, shelled eggs, several sizes",
  "callipers",
  ...values.choices.heating === "hot-water" ? ["kettle", "bowl of cold water", "glove"] : ["paper strips or matches", "lighter", "wet cloth", "tongs"],
  ...values.choices.eggSkin === "oiled" ? ["a little oil"] : [],
  "goggles"
];

// core/catalogue/hot-air/egg-in-bottle/drawing.ts
var drawing16 = (values, s, time) => {
  const [pressure, temperature, oxygen, through] = ["pressure", "gasTemperature", "oxygen", "through"].map(
    (c) => valueAt(s.trace, c, time)
  );
  const { sealing, stationPressure, flameOut, lastSeal } = s.details;
  const on = time >= sealing;
  const dancing = on && time < lastSeal && s.results.danceTime > 0;
  const { shapes, form, eggHigh } = eggShapes(values, through, through > 0.5 && torn(values), {
    air: pressure / stationPressure * Math.min(1, 300 / temperature),
    vapour: 0
  });
  const high = form.height;
  const burning = values.choices.heating !== "hot-water" && time < flameOut;
  const list = shapes;
  if (!on) list.splice(1, list.length - 2);
  if (!on)
    list.push({
      kind: "round",
      at: [form.diameter * 0.95, high + eggHigh * 0.7],
      across: values.numbers.eggDiameter,
      high: eggHigh,
      stuff: "food"
    });
  if (dancing)
    list.push(
      {
        kind: "push",
        stuff: "inside-air",
        from: [form.neck * 0.5, high + 2e-3],
        to: [form.neck * 0.5 + 0.02, high + 0.016]
      },
      {
        kind: "push",
        stuff: "inside-air",
        from: [-form.neck * 0.5, high + 2e-3],
        to: [-form.neck * 0.5 - 0.02, high + 0.016]
      }
    );
  if (burning) list.push({ kind: "flame", at: [0, 4e-3], high: high * 0.32 });
  else if (values.choices.heating !== "hot-water")
    list.push({
      kind: "body",
      points: [
        [-0.01, 3e-3],
        [0.012, 6e-3]
      ],
      stuff: "ink",
      open: true,
      thick: 3
    });
  if (on && !dancing && through < 0.4)
    list.push({ kind: "push", stuff: "outside-air", from: [0, high + eggHigh * 1.35], to: [0, high + eggHigh * 0.9] });
  list.push(
    {
      kind: "note",
      at: [-form.diameter * 0.62, high * 0.42],
      anchor: "end",
      stuff: "ink",
      said: ["gas ", said(temperature, "temperature", "degC", "degF")]
    },
    {
      kind: "note",
      at: [-form.diameter * 0.62, high * 0.28],
      anchor: "end",
      stuff: "outside-air",
      said: ["oxygen ", said(oxygen, "fraction", "%", "%")]
    },
    {
      kind: "note",
      at: [form.diameter * 0.62, high * 0.42],
      anchor: "start",
      stuff: "outside-air",
      said: ["outside ", kPa(stationPressure)]
    },
    {
      kind: "note",
      at: [form.diameter * 0.62, high * 0.28],
      anchor: "start",
      stuff: "ink",
      said: ["inside ", kPa(pressure)]
    }
  );
  return {
    frame: { left: -2.6 * form.diameter, right: 2.6 * form.diameter, bottom: -0.03 * high, top: high + eggHigh * 1.5 },
    shapes: list,
    caption: [
      !on ? "Hot gas leaves through the open neck." : dancing ? "The egg dances: hot gas still gets out under it." : through > 0.02 ? torn(values) ? "In, and torn." : "In it goes." : "Sealed: the gas cools, the room pushes. Hush."
    ]
  };
};

// core/catalogue/hot-air/egg-in-bottle/teaching.ts
var LONGEST_DELAY = 20;
var latestEgg = (values) => halving(
  (eggDelay) => simulate16({ ...values, numbers: { ...values.numbers, eggDelay } }, "summary").outcome !== "stays",
  values.numbers.eggDelay,
  Math.max(LONGEST_DELAY, values.numbers.eggDelay),
  6
);
var why16 = (values, s) => {
  const { results: r, details: d } = s;
  const total = d.cooled + d.condensed + d.oxygen + d.dioxide;
  return [
    total < 1 ? say`The gas was at ${asTemperature(r.sealTemperature)} when the egg came: nothing left to cool.` : say`The gas was at ${asTemperature(r.sealTemperature)} when the egg last sealed. Cooling makes
        ${asShare(d.cooled / total)} of the difference, condensing vapour
        ${asShare(Math.max(0, d.condensed) / total)}, oxygen used up less carbon dioxide made
        ${asShare(Math.max(0, d.oxygen + d.dioxide) / total)}.`,
    s.outcome === "stays" ? say`It needs ${asPressure(r.neededDifference)} and gets ${asPressure(r.peakPressureDifference)}.` : s.outcome === "torn" ? say`It is
          ${asShare((values.numbers.eggDiameter - values.numbers.neckDiameter) / values.numbers.eggDiameter)} too
          wide for the neck: the white tears above ${asShare(values.numbers.tearSqueeze)}.` : say`It needs ${asPressure(needed(values))}; that is reached ${asTime(r.hush)} after it is set on.`
  ];
};
var advice8 = (values, s) => {
  const n = values.numbers;
  const whole = Math.min(s.results.widestEgg, n.neckDiameter / (1 - n.tearSqueeze));
  const latest = s.outcome === "stays" ? void 0 : latestEgg(values);
  const safe = n.neckDiameter + (whole - n.neckDiameter) * 0.8;
  return [
    {
      text: say`For this neck and this heat: an egg up to ${asLength(whole, { digits: 3 })} goes in whole;
        ${asLength(safe, { digits: 3 })} leaves a
        margin.${latest === void 0 ? "" : latest >= LONGEST_DELAY ? " There is no hurry with this one." : say` This one must be on within ${asTime(latest)}.`}`,
      take: { input: "eggDiameter", value: Number(safe.toFixed(4)) }
    }
  ];
};
var explanation16 = (_values, s) => {
  const { results: r, details: d } = s;
  return [
    {
      from: 7,
      text: `The fire warms the air in the bottle and some of it gets out: that is why the egg dances. Then the air in the bottle cools and pushes less. The air in the room pushes as always, and it pushes the egg ${s.outcome === "stays" ? "down hard, but not hard enough today" : "in"}.`
    },
    {
      from: 11,
      text: say`Warm air takes more room, so part of it leaves under the egg. What is left cools from
        ${asTemperature(r.sealTemperature)} and its pressure falls by ${asPressure(r.peakPressureDifference)}. The
        room then pushes on the egg with ${asForce(r.pushOnEgg)}.`
    },
    {
      from: 14,
      text: say`At one volume pressure goes with absolute temperature: cooling accounts for
        ${asPressure(d.cooled)}, water vapour of the flame that turns to dew for ${asPressure(d.condensed)}. The
        oxygen used up is nearly made up for by carbon dioxide: ${asPressure(d.oxygen + d.dioxide)}. The flame
        goes out with ${asShare(r.oxygenLeft)} of oxygen left.`
    },
    {
      from: 16,
      text: say`The egg is a valve first: gas leaves whenever p − p0 exceeds its weight over the neck
        (${asPressure(d.valve)}). From the last sealing on p V = n R T with falling T, n losing vapour, and
        C6H10O5 + 6 O2 → 6 CO2 + 5 H2O leaving the dry amount as it was. It goes when Δp reaches 4 q L (μ + s)/d =
        ${asPressure(r.neededDifference)}: contact pressure q, band L, friction μ, slope s.`
    }
  ];
};
var teaching14 = {
  wrongIdea: {
    idea: "The fire uses up the oxygen, and that leaves an empty space that sucks the egg in.",
    answer: "The flame goes out with most of the oxygen still there, and makes nearly as much other gas. Hot gas that left, and the rest cooling, does the work; and it is the room that pushes."
  },
  before: [
    "What will the egg do in the first seconds?",
    "When will it go in: while it burns or afterwards?",
    "Would it work with hot water and no fire?"
  ],
  after: ["Why did the egg dance?", "What was in the bottle afterwards?", "How do we get it out again?"],
  elsewhere: [
    "A jam jar\u2019s lid that clicks down as it cools.",
    "A bottle of water that crumples after a hot car.",
    "A fridge door that is hard to open again just after you shut it.",
    "A tank that caves in after steam cleaning."
  ]
};

// core/catalogue/hot-air/egg-in-bottle/index.ts
var eggInBottle = defineDemonstration({
  id: "egg-in-bottle",
  name: "Egg in a bottle",
  summary: "Hot gas in a bottle, a boiled egg on its neck: the room pushes the egg in.",
  noun: ["egg", "eggs"],
  people: { performs: 14, watches: 7 },
  gates: gates16,
  cautions: cautions16,
  afterFailure: afterFailure16,
  gallery: {
    family: "hot-air",
    effect: "An egg dances on a bottle, stops, stretches and drops in with a plop.",
    topics: ["air pressure", "gas laws", "heating and cooling", "combustion"],
    ages: [7, 16]
  },
  hushWords: { inside: "oxygen left of the air", strength: "egg gives way" },
  wanted: "whole",
  columns: COLUMNS14,
  simulate: simulate16,
  inputs: inputs16,
  check: check15,
  logged: logged16,
  results: results16,
  outcomes: outcomes16,
  suspects,
  ledger: ledger14,
  sizes: sizes14,
  shelf: shelf16,
  procedure: procedure16,
  kit: kit16,
  drawing: drawing16,
  why: why16,
  advice: advice8,
  explanation: explanation16,
  teaching: teaching14
});

// core/catalogue/hot-air/egg-out/cautions.ts
var gates17 = [
  {
    step: "push",
    text: "Goggles on; soot and ash rinsed out; face out of the line of the neck before it comes.",
    guards: ["pressure", "projectile", "scald"]
  }
];
var cautions17 = ({ numbers: n, choices }) => applying(
  {
    id: "ears",
    step: "push",
    severity: "usual",
    covers: ["pressure", "projectile"],
    hazard: "Blowing hard makes dizzy and hurts ears; the egg comes out at the face.",
    control: "One strong breath, then turn the neck away; nobody shares a bottle; not with soot in it; nobody with ear or lung trouble."
  },
  choices.method === "warming" ? scald(n.warmTemperature, 1e-3, "push", "Water over the bottle") : void 0,
  noFood("The egg has been in a sooty bottle and on a mouth.", "plain")
);
var afterFailure17 = ({ choices }, _s, _risk, outcome) => [
  standBack(
    choices.method === "warming" ? "Out of the warm water; neck pointing at nobody." : "Stop blowing before you are dizzy; neck pointing at nobody."
  ),
  pressureOff("Push the egg back a little with the handle of a spoon: what presses behind it comes out."),
  near(
    outcome === "pieces" ? "Rinse the pieces out; never break the bottle." : "Turn it: the egg must close the neck all round."
  ),
  next("Cut it up with a long knife and rinse it out: an adult does that.")
];

// core/mechanisms/egg-pushed-out.ts
function pushOut(plan3, tolerance, record) {
  const { fit, relaxing, weight, difference, from, until } = plan3;
  const flowed = Float64Array.of(0);
  const system = {
    size: 1,
    scale: Float64Array.of(0.01),
    dependsOnTime: true,
    derivatives: (t, s, slope) => {
      slope[0] = flowRate(fit, relaxing, s[0], difference(t) + weight);
    }
  };
  const spare = (t, s) => difference(t) + weight - pushThroughNow(fit, relaxing, s[0]);
  const options = {
    tolerance,
    firstStep: 0.05,
    peaks: [{ id: "difference", value: difference }],
    between: record ? 2 : 0,
    onStep: record && ((t) => record(t))
  };
  let peakDifference = -Infinity;
  if (from > 0) peakDifference = integratorOf(1).run(system, flowed, 0, from, options).peaks.difference.value;
  if (spare(from, flowed) >= 0)
    return { gone: from, peakDifference: Math.max(peakDifference, difference(from)), end: from };
  const { time, stoppedBy, peaks } = integratorOf(1).run(system, flowed, from, until, {
    ...options,
    events: [{ id: "goes", direction: 1, stops: true, value: spare }]
  });
  return {
    gone: stoppedBy === "goes" ? time : void 0,
    peakDifference: Math.max(peakDifference, peaks.difference.value),
    end: time
  };
}

// core/catalogue/hot-air/egg-out/simulate.ts
var COLUMNS15 = [
  ...GAS_COLUMNS,
  { id: "through", name: "egg through the neck", quantity: "fraction" }
];
var OUT2 = 0.3;
var PATIENCE3 = 45;
function simulate17(values, detail, refinement = 1) {
  const n = values.numbers;
  const outside = n.stationPressure;
  const room = n.airTemperature;
  const neckArea = Math.PI * n.neckDiameter * n.neckDiameter / 4;
  const weight = n.eggMass * GRAVITY / neckArea;
  const strength = Math.max(0, needed(values) - weight);
  const rows = detail === "trace" ? new TraceRows(COLUMNS15) : void 0;
  const warming = values.choices.method === "warming";
  const dampness = n.dampness;
  const vapour0 = dampness * quickSaturationPressure(room);
  const dry2 = (outside - vapour0) / room;
  const at4 = (temperature2, extra2) => dry2 * temperature2 + dampness * quickSaturationPressure(temperature2) + extra2;
  let time = 0;
  let through = 0;
  const add = (temperature2, extra2) => {
    const pressure = at4(temperature2, extra2);
    const vapour = dampness * quickSaturationPressure(temperature2);
    rows?.add(time, {
      pressure,
      gasTemperature: temperature2,
      airMass: (pressure - vapour) * n.vesselVolume / (AIR_GAS_CONSTANT * temperature2),
      steamMass: vapour * n.vesselVolume / (WATER_GAS_CONSTANT * temperature2),
      through
    });
  };
  const moles = outside * n.vesselVolume / (GAS_CONSTANT * room);
  const timeConstant = moles * MOLAR_HEAT_CONSTANT_VOLUME / (n.wallTransfer * wallOf(values)) + n.glassDelay;
  const goal = warming ? n.warmTemperature : room;
  const temperatureAt = (t) => warming ? goal + (room - goal) * exp(-t / timeConstant) : room;
  const breathAt = (t) => warming ? 0 : n.breathPressure * (1 - n.breathLoss) * Math.min(1, t / n.breathTime);
  const differenceAt = (t) => at4(temperatureAt(t), breathAt(t)) - outside;
  const blown = warming ? 0 : n.breathTime;
  const pushed = pushOut(
    {
      fit: fitOf(values),
      relaxing: relaxingOf(values),
      weight,
      difference: differenceAt,
      from: blown,
      until: (warming ? 5 * timeConstant : blown) + PATIENCE3
    },
    stepTolerance(detail, refinement),
    rows && ((t) => {
      time = t;
      add(temperatureAt(t), breathAt(t));
    })
  );
  const goneAt = pushed.gone;
  time = pushed.end;
  const temperature = temperatureAt(time);
  const extra = breathAt(time);
  const peak = pushed.peakDifference;
  if (goneAt !== void 0 && rows) {
    const [t, e] = [temperature, extra];
    const over2 = at4(t, e) - outside;
    for (let i = 1; i <= 10; i++) {
      through = i / 10;
      time = goneAt + OUT2 * through;
      add(t, through < 0.6 ? e : e - over2 * (through - 0.6) / 0.4);
    }
  }
  const cooled = dry2 * (temperature - room);
  const steam = dampness * (quickSaturationPressure(temperature) - quickSaturationPressure(room));
  return {
    results: {
      neededDifference: strength,
      peakPressureDifference: peak,
      neededTemperature: warmthFor(values, strength),
      ...goneAt !== void 0 && { hush: goneAt }
    },
    events: goneAt === void 0 ? [] : [{ id: "out", name: "out", time: goneAt }],
    outcome: goneAt === void 0 ? "stays" : torn(values) ? "pieces" : "whole",
    details: {
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      cooled,
      steam,
      breath: extra,
      difference: cooled + steam + extra,
      ...goneAt !== void 0 && { goneAt }
    },
    trace: rows && (() => {
      rows.stage("hush", warming ? "warming" : "blowing", goneAt ?? time);
      rows.stage("after", "exit", time);
      return rows.finish();
    })()
  };
}
function warmthFor({ numbers: n }, difference) {
  const room = n.airTemperature;
  const vapour0 = n.dampness * quickSaturationPressure(room);
  const dry2 = (n.stationPressure - vapour0) / room;
  return halving((t) => dry2 * t + n.dampness * quickSaturationPressure(t) - n.stationPressure < difference, room, 372, 30);
}

// core/catalogue/hot-air/egg-out/inputs.ts
var CELSIUS6 = 273.15;
var inputs17 = defineInputs([
  ...ROOM_INPUTS,
  ...BOTTLE2,
  ...EGG,
  EGG_END,
  EGG_SKIN,
  {
    id: "method",
    name: "how",
    kind: "choice",
    group: "heat",
    default: "breath",
    lever: true,
    source: "Breath is quick and funny; warming is cleaner and shows the same gas law; cutting it up always works.",
    choices: [
      { id: "breath", name: "blow into it" },
      { id: "warming", name: "warm the bottle" }
    ]
  },
  blank(
    "breathPressure",
    "a strong breath",
    "kPa",
    "load",
    8e3,
    [500, 2e4],
    [2e3, 14e3],
    { shape: "lognormal", relative: 0.25 },
    { lever: [-2e3, 2e3] }
  ),
  blank("breathTime", "blown for", "s", "load", 1.5, [0.2, 10], [0.5, 4], { shape: "lognormal", relative: 0.2 }),
  blank(
    "warmTemperature",
    "warm water over it",
    "degC",
    "heat",
    CELSIUS6 + 60,
    [CELSIUS6 + 25, CELSIUS6 + 95],
    [CELSIUS6 + 35, CELSIUS6 + 80],
    { shape: "normal", absolute: 3 },
    { lever: [-10, 10, 20] }
  ),
  WALL_TRANSFER(9),
  ...EGG_COEFFICIENTS,
  coefficient(
    "breathLoss",
    "lost past the egg when the mouth goes",
    "%",
    0.25,
    [0, 0.95],
    [0.05, 0.6],
    { shape: "uniform", below: 0.15, above: 0.25 },
    "how well the egg closes as a valve; assumption"
  ),
  coefficient(
    "dampness",
    "how damp the gas stays",
    "%",
    0.8,
    [0, 1],
    [0.3, 1],
    { shape: "uniform", below: 0.3, above: 0.2 },
    "a wet bottle after the egg went in; assumption"
  ),
  coefficient(
    "glassDelay",
    "time for the warmth to get through the glass",
    "s",
    6,
    [0.2, 60],
    [2, 20],
    0.3,
    "glass of 3 mm: L\xB2/\u03B1 about 15 s to come near; Incropera & DeWitt, ch. 5"
  )
]);
var check16 = ({ numbers: n, choices }) => [
  ...choices.method === "warming" ? chilled(n.warmTemperature, n.airTemperature, "warmTemperature") : [],
  ...n.eggDiameter <= n.neckDiameter ? [
    {
      input: "eggDiameter",
      message: say`given ${asLength(n.eggDiameter, { digits: 4 })}; accepted: more than the neck,
            ${asLength(n.neckDiameter, { digits: 4, toward: "above" })}, or it falls out by itself`
    }
  ] : [],
  ...n.warmTemperature <= n.airTemperature ? [
    {
      input: "warmTemperature",
      message: say`given ${asTemperature(n.warmTemperature, { digits: 4 })}; accepted: above the air,
            ${asTemperature(n.airTemperature, { digits: 4, toward: "above" })}`
    }
  ] : []
];

// core/catalogue/hot-air/egg-out/outcomes.ts
var logged17 = { used: ["method", "breathPressure", "warmTemperature"], seen: ["hush"] };
var results17 = [
  result("neededDifference", "needed to push the egg out", "kPa"),
  result("peakPressureDifference", "greatest pressure difference", "kPa"),
  result("neededTemperature", "or warm the gas to", "degC"),
  result("hush", "until it comes", "s", HUSH)
];
var outcomes17 = [
  { id: "whole", look: "gone", name: "comes out whole", sentence: "The egg slides out in one piece." },
  { id: "pieces", look: "harm", name: "comes out in pieces", sentence: "The egg comes out, but in pieces." },
  { id: "stays", look: "nothing", name: "stays in", sentence: "The egg stays in the bottle." }
];
var ledger15 = ({ details: d }) => ({
  moment: "when it goes, or at the end: a negative difference is more inside than outside",
  difference: -d.difference,
  rows: [
    { id: "cooling", cause: "the gas getting warmer", pressure: -d.cooled },
    { id: "steam", cause: "damp in it turning to vapour", pressure: -d.steam },
    { id: "air", cause: "air blown in", pressure: -d.breath }
  ]
});
var sizes15 = (values, s) => [
  {
    id: "push",
    name: "gas pushing on the egg",
    value: s.results.peakPressureDifference * 0.785 * values.numbers.neckDiameter * values.numbers.neckDiameter,
    quantity: "force",
    units: ["N", "lbf"],
    note: "difference \xD7 the neck\u2019s opening"
  }
];

// core/catalogue/hot-air/egg-out/procedure.ts
var shelf17 = [
  {
    step: "turn",
    kind: "vessel",
    shapes: ["bottle"],
    materials: ["glass"],
    capacity: [8e-5, 6e-3],
    mouth: [0.025, 0.06]
  }
];
var procedure17 = [
  {
    id: "turn",
    parts: [
      "Rinse the ash out of the bottle (",
      { input: "vesselVolume" },
      ", neck ",
      { input: "neckDiameter" },
      "). Turn it over so that the egg (",
      { input: "eggDiameter" },
      " across, ",
      { input: "eggMass" },
      ") sits in the neck, ",
      { input: "eggEnd" },
      " first, ",
      { input: "eggSkin" },
      "."
    ]
  },
  {
    id: "push",
    hazards: ({ numbers: n, choices }) => choices.method === "warming" && n.warmTemperature >= TOUCHABLE ? ["scald", "pressure", "projectile"] : ["pressure", "projectile"],
    marks: ["sealed"],
    parts: ({ choices }) => choices.method === "warming" ? [
      "Now ",
      { input: "method" },
      ": hold the bottle under water at ",
      { input: "warmTemperature" },
      ", neck pointing at nobody."
    ] : [
      "Now ",
      { input: "method" },
      ": blow with ",
      { input: "breathPressure" },
      " for ",
      { input: "breathTime" },
      ", take the mouth away and turn the neck off."
    ],
    duration: (s) => s.results.hush
  },
  {
    id: "plain",
    parts: [
      "It won\u2019t? Push it back, cut it up with a long knife and rinse it out. That is the plain way, and no defeat."
    ]
  }
];
var kit17 = (values) => [
  "the bottle with its egg",
  "bowl",
  values.choices.method === "warming" ? "warm water and a jug" : "cloth for the mouth of the bottle",
  "long knife, for the plain way",
  "eye protection"
];

// core/catalogue/hot-air/egg-out/drawing.ts
var drawing17 = (values, s, time) => {
  const [pressure, through, temperature] = ["pressure", "through", "gasTemperature"].map(
    (c) => valueAt(s.trace, c, time)
  );
  const outside = s.details.stationPressure;
  const { shapes, form } = eggShapes(
    values,
    0.5 * (1 - through),
    through > 0.6 && torn(values),
    { air: pressure / outside, vapour: 0 },
    true
  );
  const high = form.height * 1.12;
  shapes.push(
    { kind: "push", stuff: "inside-air", from: [0, high * 0.62], to: [0, high * 0.42] },
    {
      kind: "note",
      at: [form.diameter * 0.62, high * 0.8],
      anchor: "start",
      stuff: "ink",
      said: ["inside ", kPa(pressure)]
    },
    {
      kind: "note",
      at: [form.diameter * 0.62, high * 0.68],
      anchor: "start",
      stuff: "outside-air",
      said: ["outside ", kPa(outside)]
    },
    {
      kind: "note",
      at: [-form.diameter * 0.62, high * 0.8],
      anchor: "end",
      stuff: "ink",
      said: ["gas ", said(temperature, "temperature", "degC", "degF")]
    }
  );
  return {
    frame: {
      left: -2.6 * form.diameter,
      right: 2.6 * form.diameter,
      bottom: -0.3 * form.height,
      top: 1.16 * form.height
    },
    shapes,
    caption: [through > 0.5 ? "Out." : "More inside than outside: the gas pushes the egg down and out."]
  };
};

// core/catalogue/hot-air/egg-out/teaching.ts
var why17 = (values, s) => [
  say`Friction and squeeze ask for ${asPressure(s.results.neededDifference)} (its own weight already taken off).
    ${values.choices.method === "breath" ? say`The breath leaves ${asPressure(s.results.peakPressureDifference)} inside.` : say`Warmed, the gas makes ${asPressure(s.results.peakPressureDifference)}.`}`,
  ...s.outcome === "stays" ? ["It stays: oil the neck, warm it more, or cut it up with a long knife. Never break the bottle."] : []
];
var advice9 = (_values, s) => [
  {
    text: s.outcome === "stays" ? say`Blowing this hard will not do: it needs ${asPressure(s.results.neededDifference)}. Warm the gas to
          ${asTemperature(s.results.neededTemperature)}, or cut the egg up and rinse it out.` : say`It needs ${asPressure(s.results.neededDifference)}: a strong breath, or the gas warmed to
          ${asTemperature(s.results.neededTemperature)}.`
  }
];
var explanation17 = (values, s) => [
  {
    from: 7,
    text: "Now we do it the other way round: we put more air in, or warm the air inside. It pushes harder than the air outside and pushes the egg out."
  },
  {
    from: 11,
    text: say`The egg comes when the inside pushes ${asPressure(s.results.neededDifference)} harder than the room.
      A strong breath can do about ${asPressure(8e3)}.`
  },
  {
    from: 14,
    text: say`Warming a closed gas by ${asTemperatureDifference(3)} raises it by a hundredth. To get
      ${asPressure(s.results.neededDifference)} the gas must reach ${asTemperature(s.results.neededTemperature)},
      where damp in the bottle helps a good deal.`
  },
  {
    from: 16,
    text: say`p = p_dry T/T0 + φ p_sat(T). The slope of p_sat makes a wet bottle far more effective than a dry one
      above ${asTemperature(323.15)}. The threshold is the same press fit as on the way in, less the egg's weight
      over the neck
      (${asPressure(
      values.numbers.eggMass * 9.81 / (0.785 * values.numbers.neckDiameter * values.numbers.neckDiameter)
    )}).`
  }
];
var teaching15 = {
  wrongIdea: {
    idea: "You suck it out.",
    answer: "Sucking would make it worse: less inside. You blow in, and then what you blew in pushes it out."
  },
  before: ["Should I blow or suck?", "What would warm hands do?"],
  after: ["What was the same as on the way in, and what was the other way round?"],
  elsewhere: [
    "A cork that creeps out of a warm bottle.",
    "A ping-pong dent that pops out in hot water.",
    "A shampoo bottle that squirts after a trip up a mountain."
  ]
};

// core/catalogue/hot-air/egg-out/index.ts
var eggOut = defineDemonstration({
  id: "egg-out",
  name: "Egg out again",
  summary: "Bottle upside down, egg in its neck: breath or warmth inside pushes it out. Or cut it up.",
  noun: ["try", "tries"],
  people: { performs: 11, watches: 7 },
  gates: gates17,
  cautions: cautions17,
  afterFailure: afterFailure17,
  gallery: {
    family: "hot-air",
    effect: "An egg in a bottle slides out of the neck again, as if pushed by nothing.",
    topics: ["air pressure", "gas laws"],
    ages: [7, 16]
  },
  hushWords: { inside: "air in the bottle", strength: "egg gives way" },
  wanted: "whole",
  columns: COLUMNS15,
  simulate: simulate17,
  inputs: inputs17,
  check: check16,
  logged: logged17,
  results: results17,
  outcomes: outcomes17,
  ledger: ledger15,
  sizes: sizes15,
  shelf: shelf17,
  procedure: procedure17,
  kit: kit17,
  drawing: drawing17,
  why: why17,
  advice: advice9,
  explanation: explanation17,
  teaching: teaching15
});

// core/catalogue/steam/flask-fountain/cautions.ts
var gates18 = [
  {
    step: "charge",
    text: "The flask looked over against the light: round bottom, no scratch or star; stem clear when blown through; net or tape round it.",
    guards: ["glass-under-difference"]
  },
  {
    step: "heat",
    text: "Goggles on for all; hair and sleeves back; stopper and stem pressed tight now, cold: never while it boils.",
    guards: ["heat", "flame", "scald", "pressure"]
  },
  {
    step: "turn",
    text: "Heat off before anything else; screen up between the stand and everybody; goggles on.",
    guards: ["glass-under-difference", "chilled-glass"]
  }
];
var cautions18 = ({ numbers: n }, s, risk) => {
  const { results: r, details } = s;
  return applying(
    wetFloor(n.bathVolume, "bath"),
    heavy("The bucket, full", 1e3 * n.bathVolume, "bath"),
    scald(n.bathTemperature, n.bathVolume, "bath", "The bucket", "scald-bath"),
    stemInStopper("charge"),
    hotSurface(Math.max(details.overheat ?? 0, r.boilingTemperature), "heat", "Heater and flask stay hot after use"),
    burnerGas("heat", n.heaterPower > 4e3),
    boilingDry(dryMargin(s), details.overheat, "purge", risk.dry),
    {
      id: "blocked",
      step: "heat",
      severity: "usual",
      covers: ["pressure", "heat"],
      hazard: "A blocked stem turns the flask into a boiler.",
      control: "Blow through the stem before; steam must be seen at its end all the time, or heat off and everybody back."
    },
    scald(r.boilingTemperature, n.waterCharge, "heat"),
    scald(r.boilingTemperature, n.waterCharge, "turn", "Steam and water from the stem"),
    thermalShock(
      atWorst(risk, "glassChill"),
      n.shockLimit,
      shareCracked(atWorst(risk, "glassChill"), n.shockLimit),
      "turn"
    ),
    glassUnderVacuum(
      atWorst(risk, "peakPressureDifference"),
      atWorst(risk, "peakPressureDifference") * n.vesselVolume,
      "turn",
      "Only a round-bottomed flask without a scratch or star"
    )
  );
};
var afterFailure18 = (_values, _s, risk, outcome) => [
  heatOff("Heater off, if it is not."),
  standBack(
    say`Everybody stays behind the screen for ${asTime(mayStillGo(risk))}: nobody touches, wets or warms the flask
      with a hand; it stands under vacuum, and cold water on hot glass cracks it.`
  ),
  wait("Water halfway up that stands still: too much air inside. The water holds the air out; it may still come."),
  pressureOff(
    "To end it one adult, goggles and gloves, from behind the screen, lowers the bucket or lifts the stand until the stem is out of the water: air rushes in, and what stood in the stem falls."
  ),
  near("Let it cool where it stands; take it down with gloves."),
  next(
    outcome === "part" ? "Air was left in it: boil on longer, be quicker to the bucket." : "It was full of air: a longer boil, a tight stopper, quicker to the bucket."
  ),
  next("Never heat it upside down, and never with the stem under water.")
];

// core/catalogue/steam/flask-fountain/simulate.ts
var LONGEST_CLIMB = 900;
var FULL2 = 0.85;
var SEEN5 = 0.08;
var flaskOf2 = ({ numbers: n }) => flaskVessel({ capacity: n.vesselVolume, wallThickness: n.wallThickness, mouthDiameter: n.stemDiameter }, SOLIDS.glass);
function simulate18(values, detail, refinement = 1) {
  const n = values.numbers;
  const vessel = flaskOf2(values);
  const plan3 = heatingPlan(values, vessel);
  const { room } = plan3;
  const recorder = detail === "trace" ? new TraceRecorder(plan3, "heat", "fountain") : void 0;
  const filled = fillByBoiling(
    plan3,
    { duration: n.transferTime, uprightShare: n.uprightShare, moved: true },
    n.surfaceConductance,
    stepTolerance(detail, refinement),
    recorder
  );
  const bathTemperature = heldBelowBoiling(n.bathTemperature, room);
  return runDipped(
    {
      plan: plan3,
      filled,
      pool: filled.waterMass * n.poolRetained,
      longest: LONGEST_CLIMB,
      surface: vessel.upperArea + vessel.crossSection,
      cooling: {
        vessel,
        room,
        coolant: { temperature: bathTemperature, area: 0, conductance: 0, throughBase: 0 },
        mouth: {
          depth: n.mouthDepth,
          plungeSpeed: 0.3,
          waterTemperature: bathTemperature,
          passage: 0,
          entryLoss: n.entryLoss,
          stem: { length: n.stemLength, diameter: n.stemDiameter, friction: n.stemFriction },
          jet: {
            water: bathTemperature,
            diameter: n.stemDiameter,
            stanton: n.jetStanton,
            sprayContact: n.sprayContact,
            splashWeber: n.splashWeber
          }
        },
        airLayerFactor: n.airLayerFactor,
        surfaceConductance: n.surfaceConductance
      }
    },
    detail,
    refinement,
    ({ fillFraction, hush }) => ({
      outcome: fillFraction >= FULL2 ? "fill" : hush !== void 0 && fillFraction >= SEEN5 ? "part" : "nothing",
      more: {}
    }),
    recorder
  );
}

// core/catalogue/steam/flask-fountain/inputs.ts
var inputs18 = defineInputs([
  ...ROOM_INPUTS,
  quantity("vesselVolume", { default: 1e-3, range: [1e-4, 0.01], usual: [25e-5, 3e-3] }),
  choice("glassKind", { default: "borosilicate" }),
  FLASK_BOTTOM,
  GLASS_STATE,
  quantity("wallThickness", {
    name: "glass thickness",
    default: 18e-4,
    range: [5e-4, 6e-3],
    usual: [1e-3, 3e-3],
    spread: { shape: "normal", relative: 0.15 }
  }),
  ...quantities("stemLength", "stemDiameter"),
  quantity("waterCharge", {
    name: "water in the flask",
    default: 6e-5,
    range: [5e-6, 5e-3],
    usual: [2e-5, 3e-4],
    lever: [-3e-5, 4e-5]
  }),
  quantity("chargeTemperature", { default: 273.15 + 60 }),
  quantity("heaterPower", { default: 1e3 }),
  quantity("heatingEfficiency", { default: 0.35 }),
  quantity("purgeTime", { default: 60, usual: [0, 300], lever: [-30, 30, 60] }),
  quantity("transferTime", { name: "from the heat, turned over, stem in the bucket", default: 4, lever: [-2, 3, 8] }),
  quantity("bathTemperature", { name: "water in the bucket", default: 288.15 }),
  quantity("bathVolume", { name: "bucket", default: 0.01 }),
  quantity("mouthDepth", { name: "stem under the surface", default: 0.1, usual: [0.02, 0.3], lever: [] }),
  ...DIPPED_COEFFICIENTS.map(
    (i) => i.id === "poolRetained" ? {
      ...i,
      default: 0.6,
      spread: { shape: "uniform", below: 0.3, above: 0.3 },
      source: "the stem reaches a little way above the stopper, so that much of the water stays behind it; assumption"
    } : i
  ),
  ...quantities("stemFriction", "shockLimit")
]);
var check17 = (values) => [
  ...bearsTheChill(values, "bathTemperature"),
  ...soundGlass(values),
  ...roundBottom(values),
  ...thickEnough(values),
  ...belowBoiling(values, "chargeTemperature", "bathTemperature"),
  ...waterFits(values, "flask"),
  ...atMost(values, "mouthDepth", "stemLength", "the stem's length"),
  ...1e3 * GRAVITY * values.numbers.stemLength > 0.9 * values.numbers.stationPressure ? [
    {
      input: "stemLength",
      message: say`given ${asLength(values.numbers.stemLength, { digits: 4 })}; accepted: at most
            ${asLength(0.9 * values.numbers.stationPressure / 1e3 / GRAVITY, {
        digits: 4,
        toward: "below"
      })}, nine tenths of
            what the air here can hold up`
    }
  ] : []
];

// core/catalogue/steam/flask-fountain/outcomes.ts
var logged18 = {
  used: ["waterCharge", "purgeTime", "transferTime", "bathTemperature", "mouthDepth"],
  seen: ["hush", "timeToFill", "waterDrawnIn", "timeToPlume"]
};
var outcomes18 = FILL_OUTCOMES("flask");
var ledger16 = steamLedger("when water comes over the top");
var sizes16 = (values, s) => sizesOf(s, crossSection(flaskOf2(values).diameter), false);

// core/catalogue/steam/flask-fountain/procedure.ts
var shelf18 = [
  { step: "charge", kind: "vessel", shapes: ["flask"], materials: ["glass"] },
  { step: "heat", kind: "heater", heaters: FLAME_OR_PLATE },
  { step: "bath", kind: "bath" }
];
var procedure18 = [
  {
    id: "bath",
    parts: [
      "Stand a bucket with ",
      { input: "bathVolume" },
      " of water at ",
      { input: "bathTemperature" },
      " under the stand."
    ]
  },
  {
    id: "charge",
    parts: [
      "Put ",
      { input: "waterCharge" },
      " of water at ",
      { input: "chargeTemperature" },
      " into a ",
      { input: "vesselVolume" },
      " flask, ",
      { input: "flaskBottom" },
      ", of ",
      { input: "glassKind" },
      ", ",
      { input: "glassState" },
      ", ",
      { input: "wallThickness" },
      " thick, with a stem ",
      { input: "stemLength" },
      " long and ",
      { input: "stemDiameter" },
      " in bore through its stopper."
    ]
  },
  {
    id: "heat",
    hazards: ["heat", "flame", "scald", "pressure"],
    marks: ["heat-on", "plume"],
    parts: [
      "Heat it at ",
      { input: "heaterPower" },
      " (",
      { input: "heatingEfficiency" },
      " gets in) until steam comes steadily from the stem."
    ],
    duration: (s) => s.results.timeToPlume
  },
  {
    id: "purge",
    hazards: ["heat"],
    parts: ["Let it boil on for ", { input: "purgeTime" }, "."],
    duration: (s) => s.results.timeToPlume === void 0 ? void 0 : s.details.timeOfLifting - s.results.timeToPlume
  },
  {
    id: "turn",
    hazards: ["scald", "chilled-glass", "glass-under-difference"],
    marks: ["lifted", "sealed"],
    parts: [
      "Heat off. Turn it over into the stand, stem ",
      { input: "mouthDepth" },
      " under water, within ",
      { input: "transferTime" },
      ". Hush."
    ],
    duration: (s) => s.results.timeToFill
  }
];
var kit18 = () => [
  "round-bottomed flask, sound glass",
  "stopper with the long stem",
  "stand that takes it upside down",
  "heater",
  "bucket, with coloured water",
  "heat-proof gloves",
  "screen",
  "goggles for all",
  "clock"
];
var ready4 = (values, s) => readyFromPlan(heatingPlan(values, flaskOf2(values)), s);

// core/catalogue/steam/flask-fountain/drawing.ts
var drawing18 = (values, s, time) => steamScene(values, s, time, {
  shape: "flask",
  closure: "stem",
  cooling: "bath",
  heat: "flame",
  diameter: flaskOf2(values).diameter,
  height: flaskOf2(values).height,
  mouth: values.numbers.stemDiameter,
  stemLength: values.numbers.stemLength,
  mouthDepth: values.numbers.mouthDepth,
  bathVolume: values.numbers.bathVolume
});

// core/catalogue/steam/flask-fountain/teaching.ts
var teaching16 = {
  wrongIdea: {
    idea: "Steam lifts the water up the tube.",
    answer: "Steam would push it down. The water comes only when the steam turns to water, and then the room pushes it up."
  },
  before: ["Why does it wait?", "What will happen when the first cold drop gets in?"],
  after: ["Why did it end so fast?", "How long could the tube be at most?"],
  elsewhere: [
    "Old mine pumps that worked with steam and cold water.",
    "Coffee makers with two glass bulbs.",
    "A siphon coffee pot."
  ]
};
var why18 = (values, { results: r, outcome }) => {
  const lift2 = 1e3 * GRAVITY * (values.numbers.stemLength - values.numbers.mouthDepth);
  const lines = [
    say`To come over the top the water must be pushed up against ${asPressure(lift2)} of its own weight.`
  ];
  lines.push(
    r.hush === void 0 ? "The pressure inside does not fall that far: hot water left in the flask keeps steaming, or too much air is inside." : say`Only the glass in the room's air cools the steam at first, so it takes ${asTime(r.hush)}. The first
        cold drops over the top condense steam at once: the rest takes
        ${asTime(Math.max(0.01, r.timeToFill - r.hush))}.`
  );
  if (outcome !== "nothing")
    lines.push(
      say`It ends ${asShare(r.fillFraction)} full; ${asShare(r.residualAirFraction)} of the gas was air, and air
        takes its room.`
    );
  return lines;
};
var explanation18 = (_values, { results: r }) => [
  {
    from: 7,
    text: "The flask was full of steam. While it cooled the air pushed water up the tube. When the first cold drops got in, all the steam turned to water at once, and the air pushed a fountain in."
  },
  {
    from: 11,
    text: "Steam that condenses leaves almost nothing behind. The air outside presses on the water in the bucket and pushes it up the tube: nothing sucks. Cold water inside condenses more steam, so it goes faster and faster."
  },
  {
    from: 14,
    text: say`How full it gets tells how little air was left: ${asShare(r.residualAirFraction)} of the gas here,
      and it ends ${asShare(r.fillFraction)} full.`
  },
  {
    from: 16,
    text: "Below the top the column is in balance: p(inside) = p(room) \u2212 \u03C1gh. Above it there is no balance any more: inflow causes condensation, condensation causes inflow. Such positive feedback makes slow causes end suddenly."
  }
];

// core/catalogue/steam/flask-fountain/index.ts
var flaskFountain = defineDemonstration({
  id: "flask-fountain",
  name: "Flask fountain",
  summary: "A boiling flask with a long stem, turned over into a bucket: nothing, nothing, then a fountain.",
  noun: ["flask", "flasks"],
  people: { performs: 18, watches: 11 },
  gates: gates18,
  cautions: cautions18,
  afterFailure: afterFailure18,
  gallery: {
    family: "steam",
    effect: "Water creeps up the tube, slower than anyone can bear; then a fountain fills the flask in a breath.",
    topics: ["condensation", "air pressure", "hydrostatic pressure", "feedback"],
    ages: [11, 18]
  },
  hushWords: { inside: "air in the flask", strength: "" },
  results: DIPPED_RESULTS,
  wanted: "fill",
  columns: COLUMNS3,
  suspects: GLASS_SUSPECTS,
  simulate: simulate18,
  inputs: inputs18,
  check: check17,
  logged: logged18,
  outcomes: outcomes18,
  ledger: ledger16,
  sizes: sizes16,
  shelf: shelf18,
  procedure: procedure18,
  kit: kit18,
  ready: ready4,
  drawing: drawing18,
  teaching: teaching16,
  why: why18,
  explanation: explanation18
});

// core/catalogue/steam/soft-bottle.ts
var FOLDED = 0.1;
var SOFT_OUTCOMES = [
  { id: "fold", look: "gone", name: "folds", sentence: "The bottle folds in, crackling, and clearly loses its shape." },
  {
    id: "dent",
    look: "partly",
    name: "dents",
    sentence: "A side goes in a little; the bottle keeps most of its shape."
  },
  { id: "stand", look: "nothing", name: "stands", sentence: "Nothing to see: it keeps its shape." }
];
var softBottle = ({
  numbers: n
}) => cylinderVessel(
  {
    capacity: n.vesselVolume,
    diameter: n.vesselDiameter,
    height: n.vesselHeight,
    wallThickness: n.wallThickness,
    mouthDiameter: n.mouthDiameter
  },
  SOLIDS.PET
);
function coolSoftBottle(values, vessel, room, filled, detail, refinement, recorder) {
  const n = values.numbers;
  const gas = gasAtSeal({ vessel, room }, filled, filled.waterMass);
  const temperature = heldBelowBoiling(n.bathTemperature, room);
  const shell = { diameter: vessel.diameter, height: vessel.height, wallThickness: vessel.wallThickness };
  const cooling = {
    vessel,
    room,
    pool: filled.waterMass,
    leakArea: n.leakArea,
    coolant: coolantOf(vessel, {
      method: "ice-pool",
      temperature,
      flow: 0,
      poolDepth: n.poolDepth,
      wettedShare: 1,
      baseContact: 1,
      factor: n.bathTransferFactor,
      excess: filled.wall - temperature
    }),
    strength: {
      criticalDifference: n.knockDown * vonMisesBuckling(shell, vessel.solid).pressure,
      residualLoad: n.residualLoad,
      stiffening: n.packingStiffness,
      packing: packingAbove(0.85, filled.waterMass, vessel.capacity)
    },
    airLayerFactor: n.airLayerFactor,
    surfaceConductance: n.surfaceConductance
  };
  const simulation = runCapped(
    {
      plan: { vessel, room },
      filled,
      gas,
      cooling,
      surface: outerSurface(shell),
      soft: true,
      coolDelay: n.coolDelay,
      names: { seal: "capped", critical: "a fold shows" }
    },
    detail,
    refinement,
    ({ volumeLost }) => volumeLost >= FOLDED ? "fold" : volumeLost >= VISIBLE ? "dent" : "stand",
    recorder
  );
  return simulation;
}

// core/catalogue/steam/soft-bottle-face.ts
var SOFT_VESSEL = defineInputs([
  quantity("vesselVolume", { default: 1e-3, range: [1e-4, 5e-3], usual: [3e-4, 2e-3] }),
  quantity("vesselDiameter", { default: 0.083 }),
  quantity("vesselHeight", { default: 0.22 }),
  quantity("wallThickness", { default: 28e-5, range: [1e-4, 1e-3], usual: [2e-4, 45e-5] }),
  quantity("mouthDiameter", { default: 0.0217, usual: [0.015, 0.04] })
]);
var SOFT_BATH = defineInputs([
  quantity("bathTemperature", { default: 275.15 }),
  quantity("coolDelay", {
    name: "capped to in the bath",
    default: 5,
    range: [0.3, 600],
    usual: [1, 30],
    lever: [-3, 10]
  }),
  quantity("poolDepth", { name: "held under to", default: 0.2, usual: [0.03, 0.3], lever: [-0.1] }),
  quantity("bathVolume", { default: 8e-3 }),
  quantity("iceMass", { default: 1, usual: [0, 4] })
]);
var SOFT_COEFFICIENTS = defineInputs([
  ...quantities("leakArea", "airLayerFactor", "bathTransferFactor", "surfaceConductance"),
  quantity("knockDown", {
    default: 0.6,
    spread: { shape: "normal", relative: 0.15 },
    source: "blown bottles are uneven and panelled; between the 0.75 of NASA SP-8007 and a dented shell; assumption"
  }),
  quantity("residualLoad", {
    default: 0.8,
    spread: { shape: "uniform", below: 0.2, above: 0.15 },
    source: "a soft wall folds in steadily and does not snap; assumption"
  }),
  quantity("packingStiffness", { default: 4, spread: { shape: "lognormal", relative: 0.4 } })
]);
var icedBath = ({ numbers: n }) => [
  { input: "coolDelay" },
  " after the cap hold it under to ",
  { input: "poolDepth" },
  " in ",
  { input: "bathVolume" },
  " of water at ",
  { input: "bathTemperature" },
  ...n.iceMass > 0 ? [" with ", { input: "iceMass" }, " of ice. Hush."] : [" (ice: ", { input: "iceMass" }, "). Hush."]
];
var softBottleFace = ({ brimful: toTheBrim, ...own }) => defineDemonstration({
  noun: ["bottle", "bottles"],
  hushWords: { inside: "air in the bottle", strength: "the bottle starts to fold here" },
  shelf: [
    { step: "charge", kind: "vessel", shapes: ["bottle"], materials: ["PET"], capacity: [1e-4, 5e-3] },
    { step: "cool", kind: "bath" }
  ],
  results: steamResults(
    "boilingTemperature",
    "waterLeft",
    "residualAirFraction",
    "steamMass",
    "criticalPressureDifference",
    "peakPressureDifference",
    "floorPressure",
    "outsideForce",
    "peakNetForce",
    "hush",
    "giveUpTime",
    "volumeLost"
  ),
  outcomes: SOFT_OUTCOMES,
  wanted: "fold",
  columns: COLUMNS3,
  suspects: STEAM_SUSPECTS,
  check: (values) => [
    ...capacityFits(
      values,
      enclosedVolume({ diameter: values.numbers.vesselDiameter, height: values.numbers.vesselHeight })
    ),
    ...belowBoiling(values, "chargeTemperature", "bathTemperature"),
    ...toTheBrim ? brimful(values) : waterFits(values, "bottle"),
    ...atMost(values, "mouthDiameter", "vesselDiameter", "the bottle's diameter")
  ],
  ledger: steamLedger("when the fold shows"),
  drawing: (values, s, time) => steamScene(values, s, time, {
    shape: "bottle",
    closure: "cap",
    cooling: "ice-pool",
    heat: "",
    diameter: values.numbers.vesselDiameter,
    height: values.numbers.vesselHeight,
    mouth: values.numbers.mouthDiameter,
    poolDepth: values.numbers.poolDepth
  }),
  repeats: repeatsInPool(softBottle),
  sizes: (values, s) => sizesOf(s, values.numbers.vesselDiameter * values.numbers.vesselHeight, false),
  ...own
});
function softWhy({
  results: r,
  outcome
}, filling) {
  const lines = [
    say`${filling} ${asShare(r.residualAirFraction)} of the gas is still air when the cap goes on; the rest is
      vapour.`
  ];
  lines.push(
    r.hush !== void 0 ? say`Cooled, the inside would fall to ${asPressure(r.floorPressure)}; the thin wall begins to fold at a
        difference of about ${asPressure(r.criticalPressureDifference)} (less while it is hot), so it folds as
        fast as it is cooled: the fold shows ${asTime(r.hush)} after the cap.` : say`The difference reaches ${asPressure(r.peakPressureDifference)} at most, and the wall begins to fold at
        about ${asPressure(r.criticalPressureDifference)}.`
  );
  if (outcome === "dent") lines.push("Air that can only shrink with its temperature limits how far it folds.");
  return lines;
}
var softExplanation = (cause) => (_values, { results: r }) => [
  {
    from: 7,
    text: "The bottle was full of warm, damp air. In the ice the air shrank and the damp turned to drops. Nothing sucked: the air outside pushed the soft sides in."
  },
  {
    from: 11,
    text: `Warm gas pushes as hard as the air outside while the bottle is open. Closed and cooled it pushes less, and ${cause}. The air outside folds the bottle.`
  },
  {
    from: 14,
    text: say`The gas was ${asShare(r.residualAirFraction)} air. Cooling slows every particle; condensing
        removes particles. The ledger shows how much of the difference each of them makes.`
  },
  {
    from: 16,
    text: say`The floor is the sealed air cooled at constant volume plus the saturation pressure of water at the
        bath's temperature: ${asPressure(r.floorPressure)}. PET loses most of its stiffness near its glass
        transition (about ${asTemperature(348.15)}), so a hot wall folds at almost no difference and freezes in
        its folded shape.`
  }
];

// core/catalogue/steam/soft-bottle-cautions.ts
var softBottleCautions = ({
  numbers: n
}) => applying(
  scald(n.chargeTemperature, n.waterCharge, "charge", "Water from the kettle", "scald-kettle"),
  wetFloor(n.bathVolume, "cool"),
  heavy("The tub, full", 1e3 * n.bathVolume + n.iceMass, "cool"),
  scald(n.bathTemperature, n.bathVolume, "cool", "The bath", "scald-bath")
);
var softBottleFailure = (_values, _s, risk, outcome) => [
  wait(
    say`Leave it in the ice for ${asTime(mayStillGo(risk))} from the cap; hold it by the cap and turn it once so
      that the water inside touches the cold wall.`
  ),
  pressureOff("Open the cap under your palm, away from faces: a hiss means that it held, no hiss that it leaked."),
  near("Feel it: a wall that is still warm was not cooled for long enough."),
  outcome === "dent" ? next("It gave a little: hotter water (below what the bottle bears), capped sooner, more of it under.") : act(
    "next",
    "Another cap if it leaked; otherwise hotter water (below what the bottle bears), capped sooner, more of it under."
  )
];

// core/catalogue/steam/hot-water-bottle/cautions.ts
var BEARS = 273.15 + 82;
var gates19 = [
  {
    step: "charge",
    text: "Bottle stands in a tray, held by the neck with a glove; goggles on for whoever pours.",
    guards: ["scald"]
  },
  {
    step: "cap",
    text: "Cap on only when the swirling is over and the bottle stands still.",
    guards: ["pressure", "vacuum"]
  }
];
var cautions19 = (values, s) => applying(
  softBottleCautions(values),
  {
    id: "softens",
    step: "charge",
    severity: values.numbers.chargeTemperature > BEARS ? "raised" : "usual",
    covers: ["heat"],
    hazard: say`Bottle plastic softens from about ${asTemperature(343.15)} and shrinks and twists above
        ${asTemperature(BEARS)}; hot water may slop out as it gives.`,
    control: say`Water at ${asTemperature(353.15)} is hot enough; stand the bottle in a tray, hold it by the
        neck with a glove, pour through a funnel.`
  },
  {
    id: "swells",
    step: "cap",
    severity: s.details.liquidAtSeal >= SCALDS ? "raised" : "usual",
    covers: ["pressure", "vacuum"],
    hazard: say`Swirled or shaken after the cap is on, it swells and squirts, since vapour still forms (water at
        ${asTemperature(s.details.liquidAtSeal)}).`,
    control: "Swirl first, then cap; not shaken closed; cap pointing away from faces; into the ice at once."
  }
);
var afterFailure19 = softBottleFailure;

// core/catalogue/steam/hot-water-bottle/simulate.ts
var steeped = new Float64Array(5);
function steepingPlan(values) {
  const n = values.numbers;
  const vessel = softBottle(values);
  const room = roomOf(values, vessel);
  const chargeTemperature = heldBelowBoiling(n.chargeTemperature, room);
  return {
    vessel,
    room,
    power: 0,
    heaterLimit: 600,
    charge: n.waterCharge * quickLiquidDensity(chargeTemperature),
    chargeTemperature,
    mixing: 1,
    plumeFraction: 1,
    purgeTime: 0,
    airLayerFactor: n.airLayerFactor,
    stirring: n.swirling
  };
}
function simulate19(values, detail, refinement = 1) {
  const plan3 = steepingPlan(values);
  const recorder = detail === "trace" ? new TraceRecorder(plan3, "swirl", "fold") : void 0;
  const sealing = values.numbers.swirlTime;
  steep(plan3, sealing, steeped, stepTolerance(detail, refinement), recorder?.heating);
  return coolSoftBottle(
    values,
    plan3.vessel,
    plan3.room,
    {
      wall: steeped[HEATING.wall],
      liquid: steeped[HEATING.water],
      waterMass: steeped[HEATING.waterMass],
      airMoles: steeped[HEATING.airMoles],
      timeOfLifting: 0,
      sealing,
      overheat: steeped[HEATING.water]
    },
    detail,
    refinement,
    recorder
  );
}

// core/catalogue/steam/hot-water-bottle/inputs.ts
var inputs19 = defineInputs([
  ...ROOM_INPUTS,
  ...SOFT_VESSEL,
  quantity("waterCharge", {
    name: "hot water in the bottle",
    default: 8e-5,
    range: [5e-6, 2e-3],
    usual: [2e-5, 3e-4],
    lever: [-4e-5, 6e-5]
  }),
  quantity("chargeTemperature", {
    default: 273.15 + 80,
    usual: [323.15, 368.15],
    spread: { shape: "normal", absolute: 2 },
    lever: [-10, 5, 10]
  }),
  {
    id: "swirlTime",
    name: "swirling before the cap",
    kind: "quantity",
    quantity: "time",
    units: ["s", "s"],
    group: "heat",
    default: 8,
    range: [0.5, 120],
    usual: [1, 30],
    spread: { shape: "lognormal", relative: 0.25 },
    lever: [-4, 5, 10]
  },
  ...SOFT_BATH,
  {
    id: "swirling",
    name: "how much faster swirled water gives off vapour",
    kind: "quantity",
    quantity: "fraction",
    units: ["%", "%"],
    group: "coefficient",
    default: 6,
    range: [1, 40],
    usual: [1, 20],
    spread: { shape: "lognormal", relative: 0.5 },
    source: "100 %: a still surface; swirled water wets the whole wall, some five to ten times the surface; assumption"
  },
  ...SOFT_COEFFICIENTS
]);

// core/catalogue/steam/hot-water-bottle/outcomes.ts
var logged19 = {
  used: ["waterCharge", "chargeTemperature", "swirlTime", "bathTemperature", "poolDepth"],
  seen: ["hush", "volumeLost"]
};

// core/catalogue/steam/hot-water-bottle/procedure.ts
var procedure19 = [
  {
    id: "charge",
    hazards: ["scald", "heat"],
    parts: [
      "Pour ",
      { input: "waterCharge" },
      " of water at ",
      { input: "chargeTemperature" },
      " into a soft bottle of ",
      { input: "vesselVolume" },
      ": ",
      { input: "vesselDiameter" },
      " across, ",
      { input: "vesselHeight" },
      " tall, wall ",
      { input: "wallThickness" },
      ", mouth ",
      { input: "mouthDiameter" },
      "."
    ]
  },
  { id: "swirl", parts: ["Swirl it, open, for ", { input: "swirlTime" }, "."], duration: (s) => s.details.sealing },
  { id: "cap", hazards: ["pressure"], marks: ["sealed"], parts: ["Screw the cap tight."] },
  { id: "cool", hazards: [], parts: icedBath, duration: (s) => s.results.hush }
];
var kit19 = () => [
  "soft fizzy-drink bottles, labels off",
  "caps",
  "kettle and thermometer",
  "funnel",
  "measuring cylinder",
  "deep tub",
  "ice",
  "glove",
  "eye protection",
  "tray"
];

// core/catalogue/steam/hot-water-bottle/teaching.ts
var teaching17 = {
  wrongIdea: {
    idea: "The hot air shrinks and that is all.",
    answer: "Air alone would lose a fifth or so. Most of what was in the bottle was vapour, and vapour can go altogether."
  },
  before: ["What does the swirling do?", "Would cold water in the bottle do as well?"],
  after: ["What drove the air out?", "What happens when I open the cap?"],
  elsewhere: ["A flask of tea that is hard to open.", "A drink bottle left in a hot car, then shut."]
};
var why19 = (_values, s) => softWhy(
  s,
  say`Swirled, the water at ${asTemperature(s.details.liquidAtSeal)} fills the bottle with vapour and drives air
      out:`
);
var explanation19 = softExplanation("most of the vapour turns back into water");

// core/catalogue/steam/hot-water-bottle/index.ts
var hotWaterBottle = softBottleFace({
  id: "hot-water-bottle",
  name: "Hot-water bottle",
  summary: "A soft fizzy-drink bottle with a little hot water, swirled, capped, into an ice bath: it folds.",
  people: { performs: 11, watches: 7 },
  gates: gates19,
  cautions: cautions19,
  afterFailure: afterFailure19,
  gallery: {
    family: "steam",
    effect: "The bottle crackles and folds in a few seconds, with no flame in the room.",
    topics: ["air pressure", "condensation", "gas laws", "particle model"],
    ages: [7, 16]
  },
  simulate: simulate19,
  inputs: inputs19,
  logged: logged19,
  procedure: procedure19,
  kit: kit19,
  teaching: teaching17,
  why: why19,
  explanation: explanation19
});

// core/catalogue/vacuum/jar-barometer/cautions.ts
var gates20 = jarGates("jar");
var cautions20 = (values, _s, risk) => applying(jarCautions(values, risk), {
  id: "spill",
  step: "pump",
  severity: risk.share("spills") > HARM_RAISES ? "raised" : "usual",
  covers: [],
  hazard: "Spilt water goes into the plate and the pump.",
  control: "A tray under the bottle, a trap in the line; one stroke at a time near the top."
});
var afterFailure20 = (_values, _s, _risk, outcome) => jarFailure(
  "Is the tube\u2019s end under water, and the stopper tight?",
  outcome === "spills" ? "Stop earlier: wipe plate and hose dry first." : "More difference, or less air over the water."
);

// core/catalogue/vacuum/jar-barometer/simulate.ts
var COLUMNS16 = [
  { id: "level", name: "water up the tube", quantity: "length" },
  { id: "trappedPressure", name: "trapped air", quantity: "pressure" }
];
var SEEN6 = 0.03;
function levelAt({ outside, trapped, bore, density }, pressure) {
  const weight = density * GRAVITY;
  const b = weight * trapped + pressure * bore;
  const c = (pressure - outside) * trapped;
  return (-b + Math.sqrt(b * b - 4 * weight * bore * c)) / (2 * weight * bore);
}
var pressureFor = ({ outside, trapped, bore, density }, height) => outside * trapped / (trapped + bore * height) - density * GRAVITY * height;
var tubeOf = ({ numbers: n }) => ({
  outside: n.stationPressure,
  trapped: n.trappedAir,
  bore: Math.PI * n.tubeBore * n.tubeBore / 4,
  density: liquidDensity(Math.max(274, n.airTemperature))
});
function simulate20(values, detail, refinement = 1) {
  const n = values.numbers;
  const tube = tubeOf(values);
  const spill = pressureFor(tube, n.tubeHeight);
  const pumped = pumpJar(
    values,
    detail,
    refinement,
    {
      volume: () => n.jarVolume - n.trappedAir,
      target: n.stationPressure - n.stopDifference,
      row: (p) => ({
        level: Math.min(n.tubeHeight, levelAt(tube, p)),
        trappedPressure: p + tube.density * GRAVITY * Math.min(n.tubeHeight, levelAt(tube, p))
      }),
      events: [
        { id: "seen", direction: 1, stops: false, value: (_, p) => levelAt(tube, p) - SEEN6 },
        { id: "spill", direction: -1, stops: true, value: (_, p) => p - spill }
      ]
    },
    COLUMNS16
  );
  const { simulation: s, time, pressure, state: state3 } = pumped;
  const [spilled, seen] = [pumped.at("spill"), pumped.at("seen")];
  const level = Math.min(n.tubeHeight, levelAt(tube, pressure));
  const trace = withTrace(pumped, (rows) => {
    rows.stage("hush", "pumping", time);
    rows.add(time + 3, pumped.row(pressure, time + 3, state3));
    rows.stage("after", "standing", time + 3);
  });
  return {
    outcome: spilled !== void 0 ? "spills" : level >= SEEN6 ? "climbs" : "hardly",
    results: {
      ...s.results,
      level,
      spillPressure: spill,
      spillDifference: n.stationPressure - spill,
      ...seen !== void 0 && { hush: seen }
    },
    events: spilled === void 0 ? [] : [{ id: "spill", name: "spills", time: spilled }],
    details: { ...s.details, ...seen !== void 0 && { goneAt: seen } },
    ...trace && { trace }
  };
}

// core/catalogue/vacuum/jar-barometer/inputs.ts
var inputs20 = defineInputs([
  ...ROOM_INPUTS,
  ...jarInputs(),
  blank("trappedAir", "air over the water", "mL", "vessel", 15e-5, [2e-6, 2e-3], [1e-5, 3e-4], 0.05, {
    lever: [-2e-5, 4e-5]
  }),
  blank("tubeBore", "bore of the tube", "mm", "vessel", 4e-3, [5e-4, 0.03], [2e-3, 0.01], 0.03),
  blank("tubeHeight", "tube above the water", "cm", "vessel", 0.16, [0.02, 0.7], [0.05, 0.22], 0.02),
  pumpChoice("kitchen"),
  ...PUMP_INPUTS,
  blank(
    "stopDifference",
    "stop when the jar is below the room by",
    "kPa",
    "pump",
    2200,
    [20, 1e5],
    [200, 5e3],
    0.05,
    { lever: [-200, 200] }
  ),
  pumpingTime(60),
  LEAK
]);
var check18 = ({ numbers: n, choices }) => [
  ...jarBears({ numbers: n, choices }),
  ...n.tubeHeight > 0.95 * n.jarHeight ? [
    {
      input: "tubeHeight",
      message: say`given ${asLength(n.tubeHeight, { digits: 4 })}; accepted: at most
            ${asLength(0.95 * n.jarHeight, { digits: 4, toward: "below" })}, or it does not go under the jar`
    }
  ] : [],
  ...n.trappedAir > 0.7 * n.jarVolume ? [{ input: "trappedAir", message: "given more than the jar holds; accepted: at most seven tenths of the jar" }] : []
];

// core/catalogue/vacuum/jar-barometer/outcomes.ts
var logged20 = { used: ["stopDifference", "trappedAir"], seen: ["level", "finalPressure"] };
var results18 = [
  ...JAR_RESULTS,
  result("level", "water stands", "cm"),
  result("spillPressure", "jar pressure at which it spills", "kPa"),
  result("spillDifference", "that is below the room by", "kPa"),
  result("hush", "until it is seen to climb", "s", HUSH)
];
var outcomes19 = [
  { id: "climbs", look: "gone", name: "climbs and stands", sentence: "The water climbs the tube and stands there." },
  {
    id: "spills",
    look: "filled",
    name: "spills over",
    sentence: "The water shoots up the tube and spills into the jar."
  },
  { id: "hardly", look: "nothing", name: "hardly moves", sentence: "The water hardly moves." }
];

// core/catalogue/vacuum/jar-barometer/procedure.ts
var shelf19 = [
  { step: "jar", kind: "vessel", shapes: ["bell-jar"], capacity: [1e-4, 0.06] },
  { step: "pump", kind: "pump" }
];
var procedure20 = [
  {
    id: "jar",
    parts: [
      "Into a small bottle with coloured water put a stopper and a tube (",
      { input: "tubeBore" },
      " wide, ",
      { input: "tubeHeight" },
      " above the water) that reaches under the water; ",
      { input: "trappedAir" },
      " of air stay shut in above it."
    ]
  },
  {
    id: "cover",
    parts: [
      "Stand it under a ",
      { input: "jarKind" },
      " of ",
      { input: "jarVolume" },
      " (",
      { input: "jarDiameter" },
      " across, ",
      { input: "jarHeight" },
      " high)."
    ]
  },
  {
    id: "pump",
    hazards: ["glass-under-difference", "vacuum"],
    marks: ["sealed"],
    parts: (values) => [
      "Pump with a ",
      ...pumpWords(values),
      " until the gauge shows ",
      { input: "stopDifference" },
      " below the room, for at most ",
      { input: "pumpTime" },
      "."
    ],
    duration: (s) => s.results.timeToPump
  },
  { id: "air", parts: ["Let a little air in: the water sinks. Stop it half-way and read the height."] }
];
var kit20 = (values) => jarKit(values, "small bottle, two-hole stopper, glass tube", "coloured water", "ruler", "tray");

// core/catalogue/vacuum/jar-barometer/drawing.ts
var drawing19 = (values, s, time) => {
  const n = values.numbers;
  const level = valueAt(s.trace, "level", time);
  const high = n.tubeHeight * 0.55;
  const bottleHigh = Math.max(0.06, n.jarHeight * 0.28);
  const points = bottle(0, 3e-3, {
    diameter: bottleHigh * 0.9,
    height: bottleHigh,
    neck: bottleHigh * 0.4,
    neckLength: bottleHigh * 0.2
  });
  const water = bottleHigh * 0.45;
  const bore = Math.max(4e-3, n.tubeBore);
  const top = Math.min(n.jarHeight * 0.94, water + n.tubeHeight);
  const shapes = [
    { kind: "body", points: filledTo(points, water), stuff: "water" },
    { kind: "body", points, stuff: "glass", open: true, thick: 2 },
    {
      kind: "body",
      points: rectangle(-bottleHigh * 0.22, bottleHigh * 0.92, bottleHigh * 0.44, bottleHigh * 0.12),
      stuff: "rubber"
    },
    {
      kind: "body",
      points: rectangle(-bore / 2, bottleHigh * 0.1, bore, top - bottleHigh * 0.1),
      stuff: "paper",
      opacity: 1
    },
    {
      kind: "body",
      points: rectangle(-bore / 2, bottleHigh * 0.1, bore, Math.min(top, water + level) - bottleHigh * 0.1),
      stuff: "water"
    },
    {
      kind: "body",
      points: rectangle(-bore / 2, bottleHigh * 0.1, bore, top - bottleHigh * 0.1),
      stuff: "glass",
      open: true,
      thick: 1.5
    },
    {
      kind: "note",
      at: [bottleHigh * 0.3, water + high],
      anchor: "start",
      stuff: "water",
      said: [said(level, "length", "cm", "in")]
    }
  ];
  return jarScene(values, s, time, shapes, [
    "The water stands ",
    said(level, "length", "cm", "in"),
    " up the tube; it spills at ",
    said(n.tubeHeight, "length", "cm", "in"),
    "."
  ]);
};

// core/catalogue/vacuum/jar-barometer/teaching.ts
var why20 = (values, s) => [
  say`The shut-in air presses nearly like the room, and the jar less and less. What the jar has fallen by is taken
    up by the height of the water (${asLength(0.1)} for every ${asPressure(980)}) and by the shut-in air, which
    has more room the higher the water. It spills ${asPressure(s.results.spillDifference)} below the room (jar at
    ${asPressure(s.results.spillPressure)}).`,
  ...!isDriven(values) ? [
    say`One stroke of ${asVolume(values.numbers.strokeVolume)} takes
          ${asPressure(
      values.numbers.stationPressure * values.numbers.strokeVolume / (values.numbers.jarVolume + values.numbers.strokeVolume)
    )}
          at first${s.outcome === "spills" ? ": too much at once for this tube" : ""}.`
  ] : []
];
var advice10 = (values, s) => {
  const stop = values.numbers.stationPressure - pressureFor(tubeOf(values), 0.8 * values.numbers.tubeHeight);
  return [
    {
      text: say`Stop at ${asPressure(stop)} below the room: four fifths up the tube. It spills at
        ${asPressure(s.results.spillDifference)}.`,
      take: { input: "stopDifference", value: Number(stop.toPrecision(3)) }
    }
  ];
};
var explanation20 = (values, s) => [
  {
    from: 7,
    text: "We take air out of the big jar. The air shut in the little bottle now pushes harder than the air round it, so it pushes the water up the straw."
  },
  {
    from: 11,
    text: say`The shut-in air still presses like the room, ${asPressure(values.numbers.stationPressure)}; the jar
      only with ${asPressure(s.results.finalPressure)}. The difference carries ${asLength(s.results.level)} of
      water.`
  },
  {
    from: 14,
    text: say`Pressure of a column: density × g × height. ${asLength(s.results.level)} of water are
      ${asPressure(s.results.level * 9790)}; so little difference makes so much height, because water is light
      against mercury.`
  },
  {
    from: 16,
    text: say`p0 V/(V + A h) = p + ρ g h. With much shut-in air and a narrow tube the first term hardly falls and
      the tube reads the difference; with little air (${asVolume(values.numbers.trappedAir)} here) it reads a
      little low. A change of weather of ${asRoomPressure(1e3)} would move it ${asLength(0.1)}, and
      ${asTemperatureDifference(1)} of warming as well, so a sealed one is a thermometer too.`
  }
];
var teaching18 = {
  wrongIdea: {
    idea: "The pump sucks the water up.",
    answer: "The pump is not connected to the tube\u2019s water at all. The shut-in air pushes it up, because less pushes down on it."
  },
  before: ["Which way will the water go when the jar is pumped?", "How high could it get with a very long tube?"],
  after: [
    "What pushed, and what stopped pushing?",
    "Would it climb as high on a mountain?",
    "What does it do on a warm day?"
  ],
  elsewhere: [
    "A barometer in the weather.",
    "A dropper bottle that leaks in an aircraft.",
    "A pen that blots on a flight.",
    "Water in a well that rises before a storm."
  ]
};

// core/catalogue/vacuum/jar-barometer/index.ts
var jarBarometer = defineDemonstration({
  id: "jar-barometer",
  name: "Barometer in the jar",
  summary: "Air trapped over coloured water lifts it up a tube as the jar round it is pumped.",
  noun: ["try", "tries"],
  people: { performs: 11, watches: 11 },
  gates: gates20,
  cautions: cautions20,
  afterFailure: afterFailure20,
  gallery: {
    family: "vacuum",
    effect: "Coloured water climbs a tube by itself while the pump works, and sinks back with the air.",
    topics: ["air pressure", "barometer", "gas laws"],
    ages: [11, 18]
  },
  hushWords: { inside: "air left in the jar", strength: "" },
  wanted: "climbs",
  columns: [...GAS_COLUMNS, ...COLUMNS16],
  suspects: VACUUM_SUSPECTS,
  simulate: simulate20,
  ledger: jarLedger,
  sizes: jarSizes,
  inputs: inputs20,
  check: check18,
  logged: logged20,
  results: results18,
  outcomes: outcomes19,
  shelf: shelf19,
  procedure: procedure20,
  kit: kit20,
  drawing: drawing19,
  why: why20,
  advice: advice10,
  explanation: explanation20,
  teaching: teaching18
});

// core/catalogue/vacuum/pumped-can/cautions.ts
var gates21 = [
  {
    step: "pump",
    text: "Screen up, goggles on for all; nobody near the tin from the first stroke until the air is back in; air valve in reach.",
    guards: ["vacuum"]
  }
];
var cautions21 = (values, s, risk) => applying(
  goesSuddenly(
    s.results.outsideForce,
    atWorst(risk, "work"),
    values.numbers.vesselVolume,
    values.numbers.pumpTime,
    "pump",
    "the pump stands on the other side of the screen, its hose as long as that takes"
  ),
  values.choices.vesselCondition === "dented" ? dented("tin", "pump") : void 0,
  isDriven(values) ? usualPump("pump") : void 0,
  {
    id: "edges",
    step: "air",
    severity: "usual",
    covers: ["vacuum"],
    hazard: "Crushed metal has sharp folds.",
    control: "Air in first; cut-proof gloves; afterwards into the scrap metal, edges taped."
  }
);
var afterFailure21 = (_values, _s, _risk, outcome) => [
  standBack("Stay behind the screen: a tin that stands under a vacuum can still go at any moment."),
  heatOff("Stop the pump."),
  wait("Look at the gauge: does it hold, or does it rise by itself?"),
  pressureOff("Let air in slowly through the valve, from behind the screen, until the gauge stands at nought."),
  near("Only then go near and take the stopper out."),
  next(
    outcome === "dent" ? "It stopped early: a pump that reaches lower, or more time." : "The wall holds more than this pump can do: a thinner or a larger tin, a pump that reaches lower, or a tighter stopper."
  )
];

// core/mechanisms/pumped-shell.ts
var STEPS2 = 24;
function foldedTo(shell, outside, amount, beside = 0) {
  const { capacity, criticalDifference, residualLoad, stiffening, packing } = shell;
  const holds = (lost) => amount / (capacity * (1 - lost) + beside) + criticalDifference * heldFraction(lost, residualLoad, stiffening, packing) - outside;
  const first = holds(0);
  if (first >= 0) return 0;
  const weakest = weakestAt(residualLoad, stiffening, packing);
  let from = 0;
  let short = first;
  for (let i = 1; i <= STEPS2; i++) {
    const to = weakest * i * i / (STEPS2 * STEPS2);
    const there = holds(to);
    if (there >= 0) return falsePosition(holds, [from, short], [to, there], 1e-6 * criticalDifference);
    from = to;
    short = there;
  }
  const room = outside / criticalDifference;
  const most = packing * room / (stiffening + room);
  return falsePosition(holds, [from, short], [most, holds(most)], 1e-6 * criticalDifference);
}
function pumpShell(shell, plan3) {
  const { pump, outside, temperature, leakArea, longest, talkAt, tolerance, onStep } = plan3;
  const breaksAt = outside - shell.criticalDifference;
  let folded = false;
  const lostAt = (amount, beside) => folded ? foldedTo(shell, outside, amount, beside) : 0;
  const state3 = Float64Array.of(outside * shell.capacity);
  const space = {
    pump,
    outside,
    temperature,
    leakArea,
    pressure: (amount, beside) => amount / (shell.capacity * (1 - lostAt(amount, beside)) + beside)
  };
  const found = {};
  let end;
  do {
    if (end) folded = true;
    end = pumpDown(space, state3, {
      tolerance,
      longest,
      // While a wall folds the pressure may stand still though much goes on.
      standstill: pump.kind === "steady" || !folded,
      ...end && { after: end },
      events: [
        { id: "folds", direction: -1, stops: true, value: (_, p) => folded ? 1 : p - breaksAt },
        ...talkAt === void 0 ? [] : [
          {
            id: "talks",
            direction: -1,
            stops: false,
            value: (_, p) => p - outside + talkAt
          }
        ]
      ],
      onStep: onStep && ((t, p, s) => onStep(t, p, lostAt(s[0], 0)))
    });
    for (const { id, time } of end.occurrences) found[id] ??= time;
  } while (end.stoppedBy === "folds");
  const lost = lostAt(state3[0], 0);
  return {
    /** s */
    time: end.time,
    /** Pa, at the end */
    pressure: end.pressure,
    strokes: end.strokes,
    /** share of the volume */
    lost,
    /** s, where it folds */
    ...found.folds !== void 0 && { folds: found.folds },
    ...found.talks !== void 0 && { talks: found.talks }
  };
}

// core/vessels/flat-panel.ts
var CLAMPED = [
  [1, 126e-5],
  [1.1, 15e-4],
  [1.2, 172e-5],
  [1.3, 191e-5],
  [1.4, 207e-5],
  [1.5, 22e-4],
  [1.6, 23e-4],
  [1.8, 245e-5],
  [2, 254e-5],
  [3, 26e-4]
];
function deflectionCoefficient(aspect) {
  for (let i = 1; i < CLAMPED.length; i++) {
    const [x1, y1] = CLAMPED[i];
    const [x0, y0] = CLAMPED[i - 1];
    if (aspect <= x1) return y0 + (y1 - y0) * (aspect - x0) / (x1 - x0);
  }
  return 26e-4;
}
var rigidity = ({ thickness }, solid) => solid.youngsModulus * thickness * thickness * thickness / (12 * (1 - solid.poissonRatio * solid.poissonRatio));
var STRETCHING = 0.488;
function differenceForDeflection(panel, solid, deflection) {
  const { width, length: length2, thickness } = panel;
  const share = deflection / thickness;
  const b4 = width * width * width * width;
  return rigidity(panel, solid) / (deflectionCoefficient(length2 / width) * b4) * deflection * (1 + STRETCHING * share * share);
}
function hingeDifference({ width, length: length2, thickness }, yieldStrength) {
  const moment = yieldStrength * thickness * thickness / 4;
  const beta = width / length2;
  const root = Math.sqrt(3 + beta * beta) - beta;
  return 48 * moment / (width * width * root * root);
}

// core/catalogue/steam/tin-wall.ts
var TIN_INPUTS = defineInputs([
  choice("vesselShape"),
  quantity("vesselVolume", { units: ["L", "qt"], default: 5e-3, range: [3e-4, 0.03], usual: [1e-3, 0.02] }),
  ...quantities("vesselWidth", "vesselDepth"),
  quantity("vesselHeight", { default: 0.285, range: [0.05, 0.8], usual: [0.12, 0.4] }),
  choice("wallMaterial", { default: "steel" }),
  quantity("wallThickness", { default: 25e-5, range: [1e-4, 15e-4], usual: [18e-5, 5e-4] }),
  quantity("mouthDiameter", { default: 0.032, usual: [0.015, 0.06] }),
  choice("vesselCondition")
]);
var TIN_WORDS = [
  { input: "vesselCondition" },
  " ",
  { input: "vesselShape" },
  " ",
  { input: "wallMaterial" },
  " tin of ",
  { input: "vesselVolume" },
  ": ",
  { input: "vesselWidth" },
  " wide (or across), ",
  { input: "vesselDepth" },
  " deep, ",
  { input: "vesselHeight" },
  " tall, ",
  { input: "wallThickness" }
];
var round = ({ choices }) => choices.vesselShape === "cylinder";
var tinFits = (values) => [
  ...capacityFits(
    values,
    round(values) ? enclosedVolume({ diameter: values.numbers.vesselWidth, height: values.numbers.vesselHeight }) : values.numbers.vesselWidth * values.numbers.vesselDepth * values.numbers.vesselHeight,
    "its width, depth and height"
  ),
  ...atMost(values, "mouthDiameter", "vesselWidth", "the tin's width"),
  ...thinWall(values, Math.min(values.numbers.vesselWidth, values.numbers.vesselDepth))
];
function panelOf({ numbers: n }) {
  const wide = Math.max(n.vesselWidth, n.vesselDepth);
  return { width: Math.min(wide, n.vesselHeight), length: Math.max(wide, n.vesselHeight), thickness: n.wallThickness };
}
function tinOf(values) {
  const { numbers: n, choices } = values;
  const solid = SOLIDS[choices.wallMaterial];
  const measures = {
    capacity: n.vesselVolume,
    height: n.vesselHeight,
    wallThickness: n.wallThickness,
    mouthDiameter: n.mouthDiameter
  };
  if (choices.vesselShape === "cylinder") {
    const shell = { diameter: n.vesselWidth, height: n.vesselHeight, wallThickness: n.wallThickness };
    const perfect = vonMisesBuckling(shell, solid);
    return {
      vessel: cylinderVessel({ ...measures, diameter: shell.diameter }, solid),
      surface: outerSurface(shell),
      criticalDifference: n.knockDown * perfect.pressure,
      details: { lobes: perfect.lobes }
    };
  }
  const panel = panelOf(values);
  const width = n.vesselWidth;
  const depth = n.vesselDepth;
  return {
    vessel: boxVessel({ ...measures, width, depth }, solid),
    surface: 2 * (width + depth) * n.vesselHeight + 2 * width * depth,
    criticalDifference: n.knockDown / SOUND_KNOCK_DOWN * n.edgeHolding * hingeDifference(panel, solid.yieldStrength),
    talkAt: differenceForDeflection(panel, solid, n.panelCrown),
    details: { lobes: 0 }
  };
}
var SOUND_KNOCK_DOWN = 0.75;

// core/catalogue/vacuum/pumped-can/simulate.ts
var COLUMNS17 = [
  ...GAS_COLUMNS,
  { id: "volumeLost", name: "volume lost", quantity: "fraction" }
];
var FOLDING = 0.05;
function simulate21(values, detail, refinement = 1) {
  const n = values.numbers;
  const outside = n.stationPressure;
  const temperature = n.airTemperature;
  const { surface, criticalDifference, talkAt, details, vessel } = tinOf(values);
  const shell = {
    capacity: n.vesselVolume,
    criticalDifference,
    residualLoad: n.residualLoad,
    stiffening: n.packingStiffness,
    packing: packingAbove(0.92, 0, n.vesselVolume)
  };
  const rows = detail === "trace" ? new TraceRows(COLUMNS17) : void 0;
  const humid = n.relativeHumidity * quickSaturationPressure(temperature) / outside;
  const pump = pumpOf(values);
  const end = pumpShell(shell, {
    pump,
    outside,
    temperature,
    leakArea: n.leakArea,
    longest: n.pumpTime,
    talkAt,
    tolerance: stepTolerance(detail, refinement),
    onStep: rows && ((time, pressure, lost2) => rows.add(time, {
      pressure,
      gasTemperature: temperature,
      airMass: pressure * (1 - humid) * n.vesselVolume * (1 - lost2) / (AIR_GAS_CONSTANT * temperature),
      steamMass: pressure * humid * n.vesselVolume * (1 - lost2) / (WATER_GAS_CONSTANT * temperature),
      volumeLost: lost2
    }))
  });
  const difference = outside - end.pressure;
  const peak = end.folds === void 0 ? difference : Math.max(difference, criticalDifference);
  const { lost } = end;
  const gone = end.folds;
  return {
    results: {
      criticalPressureDifference: criticalDifference,
      peakPressureDifference: peak,
      floorPressure: pump.ultimate,
      finalPressure: end.pressure,
      timeToPump: end.time,
      ...!isDriven(values) && { strokes: end.strokes },
      outsideForce: outside * surface,
      peakNetForce: peak * surface,
      work: peak * n.vesselVolume,
      ...gone !== void 0 && { hush: gone },
      ...end.talks !== void 0 && { talkTime: end.talks },
      volumeLost: lost
    },
    events: [
      ...end.talks === void 0 ? [] : [{ id: "talk", name: "panels talk", time: end.talks }],
      ...gone === void 0 ? [] : [{ id: "critical", name: "wall gives way", time: gone }]
    ],
    outcome: lost >= CRUSHED ? "crush" : lost >= VISIBLE || gone !== void 0 ? "dent" : "stand",
    details: {
      ...details,
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      difference,
      lost,
      capacity: n.vesselVolume,
      emptyMass: surface * vessel.wallThickness * vessel.solid.density,
      ...gone !== void 0 && { goneAt: gone }
    },
    ...rows && {
      trace: (() => {
        rows.stage("hush", "pumping", gone ?? end.time);
        rows.stage("crush", "crush", gone === void 0 ? 0 : Math.max(end.time, gone + FOLDING));
        return rows.finish();
      })()
    }
  };
}

// core/catalogue/vacuum/pumped-can/inputs.ts
var inputs21 = defineInputs([
  ...ROOM_INPUTS,
  ...TIN_INPUTS,
  pumpChoice("two-stage"),
  ...PUMP_INPUTS,
  pumpingTime(120),
  LEAK,
  ...quantities("knockDown", "edgeHolding", "panelCrown", "residualLoad", "packingStiffness")
]);
var check19 = (values) => tinFits(values);

// core/catalogue/vacuum/pumped-can/outcomes.ts
var logged21 = { used: ["pumpTime", "ultimatePressure"], seen: ["hush", "talkTime", "finalPressure"] };
var results19 = [
  result("criticalPressureDifference", "difference the wall holds", "kPa"),
  result("peakPressureDifference", "greatest difference", "kPa"),
  result("floorPressure", "lowest pressure it could reach", "kPa"),
  result("finalPressure", "pressure inside at the end", "kPa"),
  result("timeToPump", "time at the pump", "s"),
  result("strokes", "strokes", "1"),
  result("outsideForce", "outside air on the whole surface", "N"),
  result("peakNetForce", "greatest difference on the whole surface", "N"),
  result("work", "work the air can do", "J"),
  result("hush", "pump on to the wall giving way", "s", HUSH),
  result("talkTime", "panels talk after", "s"),
  result("volumeLost", "volume lost", "%")
];
var outcomes20 = [
  { id: "crush", look: "gone", name: "crumples", sentence: "The sides cave in and the tin is wrecked." },
  { id: "dent", look: "partly", name: "buckles", sentence: "A side goes in, but the tin keeps most of its shape." },
  { id: "stand", look: "nothing", name: "stands", sentence: "The panels may tick, but it stands." }
];
var ledger17 = ({ results: results28, details }) => {
  const goes = results28.hush !== void 0;
  const difference = goes ? results28.criticalPressureDifference : details.difference;
  return {
    moment: goes ? "when the wall gives way" : "at the end of the pumping",
    rows: [{ id: "pumped", cause: "air taken out by the pump, less what leaked in", pressure: difference }],
    difference
  };
};
var sizes17 = (values, { results: r }) => [
  {
    id: "outsideForce",
    name: "outside air on all sides",
    value: r.outsideForce,
    quantity: "force",
    units: ["kN", "lbf"],
    note: "outside pressure \xD7 whole surface: the air inside balances it until the pump runs"
  },
  {
    id: "faceForce",
    name: "resultant on one face",
    value: r.peakPressureDifference * Math.max(values.numbers.vesselWidth, values.numbers.vesselDepth) * values.numbers.vesselHeight,
    quantity: "force",
    units: ["kN", "lbf"],
    note: "greatest difference \xD7 its largest face: what a scale would read"
  },
  {
    id: "work",
    name: "work the air can do",
    value: r.work,
    quantity: "energy",
    units: ["J", "ft lbf"],
    note: "greatest difference \xD7 capacity"
  }
];

// core/catalogue/vacuum/pumped-can/procedure.ts
var shelf20 = [
  {
    step: "tin",
    kind: "vessel",
    shapes: ["box", "cylinder"],
    materials: ["steel", "aluminium"],
    capacity: [3e-4, 0.03]
  },
  { step: "pump", kind: "pump" }
];
var procedure21 = [
  {
    id: "tin",
    parts: [
      "Take an empty, dry, ",
      ...TIN_WORDS,
      " thick. Press a stopper with the hose into its mouth, ",
      { input: "mouthDiameter" },
      " across."
    ]
  },
  {
    id: "pump",
    hazards: ["vacuum"],
    marks: ["sealed"],
    parts: (values) => [
      "Everybody behind the screen. Pump with a ",
      ...pumpWords(values),
      " for at most ",
      { input: "pumpTime" },
      ". Hush."
    ],
    duration: (s) => s.results.hush
  },
  {
    id: "air",
    parts: ["Stop the pump and let the air back in through the valve before anybody comes near. Pass it round."]
  }
];
var kit21 = (values) => [
  "tin and spares, clean and dry",
  "stopper with a hose that holds a vacuum, and an air valve",
  isDriven(values) ? "pump with a trap" : "hand pump",
  "pressure gauge",
  "screen or guard",
  "eye protection for all",
  "cut-proof gloves"
];

// core/catalogue/vacuum/pumped-can/drawing.ts
var STEPS3 = 12;
var drawing20 = (values, s, time) => {
  const n = values.numbers;
  const pressure = valueAt(s.trace, "pressure", time);
  const lost = valueAt(s.trace, "volumeLost", time);
  const [wide, high] = [n.vesselWidth, n.vesselHeight];
  const depth = Math.min(0.47 * wide, Math.PI / 4 * lost * wide);
  const bow = (side) => Array.from({ length: STEPS3 + 1 }, (_, i) => {
    const up = i / STEPS3;
    return [side * (wide / 2 - depth * 4 * up * (1 - up)), high * (1 - 0.12 * lost) * up];
  });
  const wall = [...bow(-1), ...bow(1).reverse()];
  const top = high * (1 - 0.12 * lost);
  const px = wide * 1.5;
  const stroke = isDriven(values) ? 0 : time / n.strokeTime % 1;
  const lift2 = Math.abs(2 * stroke - 1);
  const pushes = [0.35, 0.6].flatMap(
    (share) => [-1, 1].map((side) => ({
      kind: "push",
      stuff: "outside-air",
      from: [side * (wide / 2 + 0.32 * wide), top * share],
      to: [side * (wide / 2 + 0.06 * wide), top * share]
    }))
  );
  return {
    frame: { left: -1.3 * wide, right: 2.2 * wide, bottom: 0, top: 1.25 * high },
    shapes: [
      { kind: "gas", points: wall, air: pressure / n.stationPressure, vapour: 0 },
      { kind: "body", points: wall, stuff: "metal", hollow: true, thick: 3 },
      { kind: "body", points: rectangle(-n.mouthDiameter / 2, top, n.mouthDiameter, 0.05 * high), stuff: "rubber" },
      {
        kind: "body",
        points: [
          [0, top + 0.05 * high],
          [0, top + 0.14 * high],
          [px, top + 0.14 * high],
          [px, 0.45 * high]
        ],
        stuff: "rubber",
        open: true,
        thick: 3
      },
      { kind: "body", points: rectangle(px - 0.12 * wide, 0, 0.24 * wide, 0.45 * high), stuff: "metal" },
      ...isDriven(values) ? [] : [
        {
          kind: "body",
          points: rectangle(px - 0.1 * wide, (0.06 + 0.3 * lift2) * high, 0.2 * wide, 0.03 * high),
          stuff: "ink"
        }
      ],
      ...pushes,
      { kind: "note", at: [0, top * 0.5], said: ["inside ", kPa(pressure)], anchor: "middle" },
      {
        kind: "note",
        at: [-1.28 * wide, top * 0.78],
        said: ["outside ", kPa(n.stationPressure)],
        stuff: "outside-air",
        anchor: "start"
      }
    ],
    caption: lost > 5e-3 ? [said(lost, "fraction", "%", "%"), " of its volume gone."] : ["The pump takes air out; the room pushes ", kPa(n.stationPressure - pressure), " harder than what is left."]
  };
};

// core/catalogue/steam/metal-vessel.ts
function boilSealCool(values, metal, detail, refinement) {
  const n = values.numbers;
  const { vessel } = metal;
  const plan3 = heatingPlan(values, vessel);
  const { room } = plan3;
  const recorder = detail === "trace" ? new TraceRecorder(plan3) : void 0;
  const filled = fillByBoiling(
    plan3,
    { duration: n.sealDelay, uprightShare: 1, moved: false },
    n.surfaceConductance,
    stepTolerance(detail, refinement),
    recorder
  );
  const gas = gasAtSeal(plan3, filled, filled.waterMass);
  const method = values.choices.coolingMethod;
  const temperature = method === "still-air" ? room.temperature : heldBelowBoiling(n.bathTemperature, room);
  const cooling = {
    vessel,
    room,
    pool: filled.waterMass,
    leakArea: n.leakArea,
    coolant: coolantOf(vessel, {
      method,
      temperature,
      flow: n.coolantFlow * 1e3,
      poolDepth: n.poolDepth,
      wettedShare: Math.min(1, USUAL_WETTED[method] * n.wettedFactor),
      baseContact: 1,
      factor: n.bathTransferFactor,
      excess: room.boilingPoint - temperature
    }),
    strength: {
      criticalDifference: metal.criticalDifference,
      residualLoad: n.residualLoad,
      stiffening: n.packingStiffness,
      packing: packingAbove(0.92, filled.waterMass, vessel.capacity)
    },
    airLayerFactor: plan3.airLayerFactor,
    surfaceConductance: n.surfaceConductance
  };
  const simulation = runCapped(
    {
      plan: plan3,
      filled,
      gas,
      cooling,
      surface: metal.surface,
      talkAt: metal.talkAt,
      coolDelay: n.coolDelay,
      names: { seal: "sealed" }
    },
    detail,
    refinement,
    crushOutcome("stand"),
    recorder
  );
  return {
    ...simulation,
    details: {
      ...simulation.details,
      ...metal.details,
      emptyMass: metal.surface * vessel.wallThickness * vessel.solid.density
    }
  };
}
var at3 = (input) => ({ input });
var BOIL_SEAL_COOL = [
  {
    id: "heat",
    marks: ["heat-on", "plume"],
    hazards: ["heat", "flame"],
    parts: [
      "Leave it open. Heat it on the ",
      at3("heaterPower"),
      " heater (",
      at3("heatingEfficiency"),
      " of that gets in) until a steady plume shows."
    ],
    duration: (s) => s.results.timeToPlume
  },
  {
    id: "purge",
    hazards: ["heat"],
    parts: ["Let it boil on for ", at3("purgeTime"), "."],
    duration: (s) => s.results.timeToPlume === void 0 ? void 0 : s.details.timeOfLifting - s.results.timeToPlume
  },
  {
    id: "off",
    marks: ["lifted"],
    hazards: ["scald", "heat"],
    parts: ({ choices }) => choices.coolingMethod === "ice-pool" ? ["Heat off, and the vessel off the heat: two people in gloves set it, open, into the empty tub."] : ["Heat off, and the vessel off the heat, to where it will be cooled."]
  },
  {
    id: "seal",
    marks: ["sealed"],
    hazards: ["closed-hot-vessel", "scald"],
    parts: [
      "Only then close it tight, within ",
      at3("sealDelay"),
      " of taking the heat away, and go back to the others."
    ],
    duration: (s) => s.details.sealing - s.details.timeOfLifting
  }
];
var COOLED_BY = {
  "ice-pool": (ice) => [
    ": let water at ",
    at3("bathTemperature"),
    " into the tub through a hose, ",
    at3("bathVolume"),
    " in all, until it stands ",
    at3("poolDepth"),
    " deep",
    ...ice ? [" round ", at3("iceMass"), " of ice that lay there before"] : [" (ice: ", at3("iceMass"), ")"],
    "."
  ],
  "spray": () => [
    ": a hose or lance from where you stand, ",
    at3("coolantFlow"),
    " of water at ",
    at3("bathTemperature"),
    "."
  ],
  "pour": () => [
    ": from a bucket tipped by a cord or a jug on a long handle, ",
    at3("coolantFlow"),
    " of water at ",
    at3("bathTemperature"),
    "."
  ],
  "sprinkle": () => [
    ": a rose fixed over it beforehand, its tap where you stand, ",
    at3("coolantFlow"),
    " of water at ",
    at3("bathTemperature"),
    "."
  ]
};
var COOLING_STEP = {
  id: "cool",
  hazards: ["vacuum", "closed-hot-vessel"],
  parts: (values) => {
    const way = values.choices.coolingMethod;
    const how = COOLED_BY[way];
    return how ? [
      "Everybody back. ",
      at3("coolDelay"),
      " after closing it, cool it by ",
      at3("coolingMethod"),
      ...how(values.numbers.iceMass > 0),
      " Hush."
    ] : [
      "Everybody back. ",
      at3("coolDelay"),
      " after closing it all hands are off it: ",
      at3("coolingMethod"),
      ". Hush."
    ];
  },
  duration: (s) => s.results.hush
};
var METAL_RESULTS = steamResults(
  "boilingTemperature",
  "timeToBoil",
  "timeToPlume",
  "timeToDry",
  "waterLeft",
  "residualAirFraction",
  "steamMass",
  "criticalPressureDifference",
  "peakPressureDifference",
  "floorPressure",
  "outsideForce",
  "peakNetForce",
  "hush",
  "talkTime",
  "giveUpTime",
  "volumeLost"
);
var METAL_COEFFICIENTS = quantities(
  "leakArea",
  "wettedFactor",
  "purgeMixing",
  "heaterLimit",
  "airLayerFactor",
  "bathTransferFactor",
  "surfaceConductance",
  "knockDown",
  "residualLoad",
  "packingStiffness"
);
function coolingKit({ numbers: n, choices }) {
  switch (choices.coolingMethod) {
    case "ice-pool":
      return [
        "flat tub that the vessel stands in",
        "hose that reaches it from behind the line",
        ...n.iceMass > 0 ? [say`ice, ${asMass(n.iceMass)}`] : []
      ];
    case "spray":
      return ["hose or lance that reaches it from behind the line", "drain or tray"];
    case "pour":
      return ["bucket on a tipping frame with its cord, or a jug on a long handle", "tray"];
    case "sprinkle":
      return ["rose on a stand and a hose, its tap behind the line", "tray"];
    default:
      return ["barrier tape, to be left up for as long as it takes"];
  }
}
function metalWhy(values, {
  results: r,
  details
}, noun, wall) {
  const lines = [];
  if (r.timeToPlume === void 0) {
    lines.push(
      details.boiledDry === 1 ? `The water is gone before any steady plume shows: the ${noun} never fills with steam.` : "No steady plume within an hour: the heat only makes up for what the wall loses."
    );
  }
  const critical = asPressure(r.criticalPressureDifference);
  if (r.hush === void 0) {
    lines.push(
      say`The ${wall} holds about ${critical}; the difference reaches ${asPressure(r.peakPressureDifference)} at
        most, most of it within ${asTime(r.giveUpTime)}. It stands, and may stand there for ever.`
    );
    const airs = r.floorPressure > details.stationPressure - r.criticalPressureDifference;
    if (airs)
      lines.push(
        say`Even fully cooled the air sealed in keeps ${asPressure(r.floorPressure)} inside:
          ${asShare(r.residualAirFraction)} of the gas was air.`
      );
  } else {
    lines.push(
      say`The ${wall} holds about ${critical}. Steam condenses until the inside is that far below the room,
        ${asTime(r.hush)} after it is closed.`
    );
  }
  if (r.waterLeft > 1e-4)
    lines.push(
      say`${asMass(r.waterLeft)} of hot water left inside keeps steaming as the pressure falls: it has to be
        cooled too.`
    );
  if (values.choices.coolingMethod === "still-air")
    lines.push(
      "Still air takes heat a hundred times more slowly than running water: this is where the long wait comes from."
    );
  if (r.residualAirFraction > 0.08)
    lines.push(
      say`${asShare(r.residualAirFraction)} of the gas is still air: it does not condense, and steam reaches the
        wall more slowly through it.`
    );
  return lines;
}

// core/catalogue/steam/closed-metal-cautions.ts
var closedMetalGates = (noun) => [
  {
    step: "charge",
    text: `A ${noun} whose history is known, that has held nothing that burns or poisons, and that does not smell.`,
    guards: ["fuel"]
  },
  {
    step: "heat",
    text: "Goggles on; hair and sleeves back; heater on something that does not burn; cap or bung well away from it.",
    guards: ["heat", "flame"]
  },
  {
    step: "off",
    text: `Heat off, ${noun} off the heat; what cools it stands ready, to be worked from behind the ${noun === "drum" ? "line" : "screen"}.`,
    guards: ["closed-hot-vessel"]
  },
  {
    step: "seal",
    text: `Only now it is closed; a ${noun} is never heated closed. Everyone but the one who closes it is back; then that one too.`,
    guards: ["closed-hot-vessel", "vacuum"]
  }
];
var fromWhere = ({ numbers, choices }) => {
  const large = numbers.vesselVolume > LARGE_VESSEL;
  const behind2 = large ? "the line" : "the screen";
  switch (choices.coolingMethod) {
    case "ice-pool":
      return `two people have set it into the empty tub while it was open, with the ice; the water comes through a hose from behind ${behind2}`;
    case "spray":
      return `a hose or lance from behind ${behind2}, or a spray head fixed beforehand with its tap there`;
    case "pour":
      return large ? "a bucket on a tipping frame, pulled by a cord from behind the line" : "a jug on a long handle, from behind the screen";
    case "sprinkle":
      return `a rose fixed over it beforehand, its tap behind ${behind2}`;
    default:
      return `it is left alone, everybody behind ${behind2}`;
  }
};
function closedMetalCautions(values, s, risk, noun) {
  const { numbers: n } = values;
  const { results: r, details } = s;
  const wet = values.choices.coolingMethod !== "still-air";
  const empty = details.emptyMass ?? 0;
  return applying(
    formerContents(noun === "drum" ? "A drum" : "A tin", "charge"),
    scald(n.chargeTemperature, n.waterCharge, "charge", "Water poured in", "scald-kettle"),
    heavy(`The ${noun} with its water`, empty + 1e3 * n.waterCharge, "off"),
    hotSurface(Math.max(details.overheat ?? 0, r.boilingTemperature), "heat", `Heater and ${noun} stay hot after use`),
    burnerGas("heat", n.heaterPower > 4e3),
    boilingDry(dryMargin(s), details.overheat, "purge", risk.dry),
    scald(r.boilingTemperature, n.waterCharge, "off"),
    neverHeatSealed("seal"),
    goesSuddenly(
      r.outsideForce,
      atWorst(risk, "peakPressureDifference") * details.capacity,
      details.capacity,
      mayStillGo(risk),
      "seal",
      fromWhere(values)
    ),
    values.choices.vesselCondition === "dented" ? dented(noun, "seal") : void 0,
    sharpFolds("cool"),
    wet ? wetFloor(n.bathVolume, "cool") : void 0,
    wet ? scald(n.bathTemperature, n.bathVolume, "cool", "The cooling water", "scald-bath") : void 0
  );
}
function closedMetalFailure(values, risk, outcome, noun, closure) {
  const wet = values.choices.coolingMethod !== "still-air";
  return [
    standBack(
      say`Nobody goes near it for ${asTime(mayStillGo(risk))} from closing: until then the forecast still lets it
        go; later it may go when it is touched or warmed by the sun.`
    ),
    ...wet ? [wait("The cooling water is shut off from where it was turned on."), wait("Two minutes more.")] : [],
    pressureOff(
      `One adult, goggles, ear protection and gloves, comes from the side, never to an end or a flat face, and loosens the ${closure} a quarter turn, at arm\u2019s length: air hisses in until it stops.`
    ),
    near(`Only then the ${closure} comes out; let it cool before anybody handles it.`),
    outcome === "dent" ? next(
      `A ${noun} that has given way a little is weaker and less predictable: mark it, and keep people further back next time.`
    ) : next(
      "A long hiss: it was strong, or cooled slowly; cool it more strongly. No hiss: it leaked, or was full of air; another closure, or a longer boil."
    ),
    act(
      "next",
      `Never put a closed ${noun} back on the heat to try again: ${closure} off, fresh water, boil out afresh.`
    )
  ];
}

// core/catalogue/steam/sealed-tin/cautions.ts
var gates22 = closedMetalGates("tin");
var cautions22 = (values, s, risk) => closedMetalCautions(values, s, risk, "tin");
var afterFailure22 = (values, _s, risk, outcome) => closedMetalFailure(values, risk, outcome, "tin", "cap");

// core/catalogue/steam/sealed-tin/simulate.ts
var simulate22 = (values, detail, refinement = 1) => boilSealCool(values, tinOf(values), detail, refinement);

// core/catalogue/steam/sealed-tin/inputs.ts
var inputs22 = defineInputs([
  ...ROOM_INPUTS,
  ...TIN_INPUTS,
  quantity("waterCharge", {
    name: "water in the tin",
    default: 1e-4,
    range: [5e-6, 0.01],
    usual: [3e-5, 5e-4],
    lever: [-5e-5, 5e-5, 1e-4]
  }),
  quantity("chargeTemperature"),
  quantity("heaterPower", { default: 1500 }),
  quantity("heatingEfficiency", { default: 0.4, source: "a tin covers most of a plate; common practice 0.3 to 0.5" }),
  quantity("purgeTime", { default: 90, usual: [0, 300], lever: [-30, 30, 90] }),
  quantity("sealDelay", { default: 3 }),
  quantity("coolDelay", { default: 3 }),
  choice("coolingMethod"),
  quantity("bathTemperature", { name: "cooling water", default: 285.15 }),
  quantity("coolantFlow"),
  quantity("poolDepth", { default: 0.05 }),
  quantity("bathVolume", { name: "water in the pool", default: 6e-3 }),
  quantity("iceMass", { name: "ice in the pool", default: 1, usual: [0, 5] }),
  ...quantities("edgeHolding", "panelCrown", "plumeVapourFraction"),
  ...METAL_COEFFICIENTS
]);
var check20 = (values) => [
  ...tinFits(values),
  ...belowBoiling(values, "chargeTemperature", "bathTemperature"),
  ...waterFits(values, "tin")
];

// core/catalogue/steam/sealed-tin/outcomes.ts
var logged22 = {
  used: ["waterCharge", "purgeTime", "sealDelay", "bathTemperature", "coolantFlow", "heaterPower"],
  seen: ["hush", "talkTime", "timeToBoil", "timeToPlume"]
};
var outcomes21 = [
  { id: "crush", look: "gone", name: "crumples", sentence: "The sides cave in and the tin is wrecked." },
  { id: "dent", look: "partly", name: "buckles", sentence: "A side goes in, but the tin keeps most of its shape." },
  { id: "stand", look: "nothing", name: "stands", sentence: "The panels may tick, but it stands." }
];
var ledger18 = steamLedger("when the sides give way");
var sizes18 = (values, s) => sizesOf(s, Math.max(values.numbers.vesselWidth, values.numbers.vesselDepth) * values.numbers.vesselHeight, false);

// core/catalogue/steam/sealed-tin/procedure.ts
var plan = (values) => heatingPlan(values, tinOf(values).vessel);
var shelf21 = [
  {
    step: "charge",
    kind: "vessel",
    shapes: ["box", "cylinder"],
    materials: ["steel", "aluminium"],
    capacity: [3e-4, 0.03]
  },
  { step: "heat", kind: "heater", heaters: FLAME_OR_PLATE },
  { step: "cool", kind: "bath" }
];
var procedure22 = [
  {
    id: "charge",
    hazards: ["fuel"],
    parts: [
      "Pour ",
      { input: "waterCharge" },
      " of water at ",
      { input: "chargeTemperature" },
      " into a ",
      ...TIN_WORDS,
      " thick, mouth ",
      { input: "mouthDiameter" },
      ". Cap off."
    ]
  },
  ...BOIL_SEAL_COOL,
  COOLING_STEP
];
var kit22 = (values) => [
  "tin and spares, never used for anything flammable",
  "cap that screws tight, with its seal",
  "heater",
  "measuring cylinder",
  ...coolingKit(values),
  "heat-proof gloves",
  "eye protection",
  "thermometer",
  "clock"
];
var ready5 = (values, s) => readyFromPlan(plan(values), s);
var repeats2 = repeatsInPool((values) => tinOf(values).vessel);
var waterWindow2 = (values) => waterWindowOf(plan(values), values.numbers.waterCharge, 600);

// core/catalogue/steam/sealed-tin/drawing.ts
var drawing21 = (values, s, time) => steamScene(values, s, time, {
  shape: round(values) ? "cylinder" : "box",
  closure: "cap",
  cooling: values.choices.coolingMethod,
  heat: "flame",
  diameter: values.numbers.vesselWidth,
  height: values.numbers.vesselHeight,
  mouth: values.numbers.mouthDiameter,
  poolDepth: values.numbers.poolDepth
});

// core/catalogue/steam/sealed-tin/teaching.ts
var teaching19 = {
  wrongIdea: {
    idea: "The cold water makes the metal shrink.",
    answer: "Metal hardly shrinks: about by a hair for each hand\u2019s breadth. The steam inside turns to water, and the room pushes the sides in."
  },
  before: ["Why must the cap go on only after the heat is off?", "Which sides will go first?"],
  after: [
    "Why did the flat sides move before the corners?",
    "How many people would have to stand on it for the same push?"
  ],
  elsewhere: ["Oil cans closed warm.", "A lunch box closed over hot rice.", "A railway tank in a cold rain."]
};
var why21 = (values, s) => {
  const lines = metalWhy(values, s, "tin", round(values) ? "wall" : "flat side");
  if (s.results.talkTime !== void 0)
    lines.push(
      say`Its panels stand out a little and snap through with a tick ${asTime(s.results.talkTime)} after it is
        closed: a warning, not the end.`
    );
  return lines;
};
var explanation21 = (_values, { results: r }) => [
  {
    from: 7,
    text: "The tin was full of steam. Cold water made the steam into a few drops. Then the air outside pushed the sides in, because nothing inside pushed back."
  },
  {
    from: 11,
    text: say`All around this tin the air presses with ${asForce(r.outsideForce)} in all. Inside, steam pressed
      back just as hard; cooled, it turned into water that takes up over a thousand times less room. Nothing
      sucks.`
  },
  {
    from: 14,
    text: say`Only ${asShare(r.residualAirFraction)} of the gas was air. As the steam condensed the pressure fell
      towards ${asPressure(r.floorPressure)}. The flat sides can carry a difference of about
      ${asPressure(r.criticalPressureDifference)}.`
  },
  {
    from: 16,
    text: "A flat panel first bends, then stretches like a membrane, and folds when hinges of yielding metal form along its edges and diagonals; a round tin of the same sheet buckles elastically instead. A panel that bulges out a little snaps through earlier: that is the tick one hears."
  }
];

// core/catalogue/steam/sealed-tin/index.ts
var sealedTin = defineDemonstration({
  id: "sealed-tin",
  name: "Sealed tin",
  summary: "A tin boiled out, taken off the heat, capped and cooled: its sides talk, then cave in.",
  noun: ["tin", "tins"],
  people: { performs: 18, watches: 8 },
  gates: gates22,
  cautions: cautions22,
  afterFailure: afterFailure22,
  gallery: {
    family: "steam",
    effect: "Ticks and pops as the panels talk, then the sides cave in over some seconds.",
    topics: ["air pressure", "condensation", "change of state", "particle model"],
    ages: [8, 18]
  },
  hushWords: { inside: "air in the tin", strength: "the sides give way here" },
  results: METAL_RESULTS,
  suspects: STEAM_SUSPECTS,
  wanted: "crush",
  columns: COLUMNS3,
  simulate: simulate22,
  inputs: inputs22,
  check: check20,
  logged: logged22,
  outcomes: outcomes21,
  ledger: ledger18,
  sizes: sizes18,
  shelf: shelf21,
  procedure: procedure22,
  kit: kit22,
  ready: ready5,
  repeats: repeats2,
  waterWindow: waterWindow2,
  drawing: drawing21,
  teaching: teaching19,
  why: why21,
  explanation: explanation21
});

// core/catalogue/vacuum/pumped-can/teaching.ts
var why22 = (_values, { results: r, outcome }) => {
  const lines = [
    r.hush === void 0 ? say`The wall holds about ${asPressure(r.criticalPressureDifference)}; the pump makes
          ${asPressure(r.peakPressureDifference)} at most. It stands, and is under strain as long as the air stays out.` : say`The wall holds about ${asPressure(r.criticalPressureDifference)}. The pump has taken that much out after
          ${asTime(r.hush)}.`
  ];
  if (r.hush !== void 0)
    lines.push(
      outcome === "crush" ? say`A folded wall holds less than a whole one, and the pump goes on: ${asShare(r.volumeLost)} of the volume
            is gone in the end.` : say`What air is left is squeezed as the wall goes in and stops it early, at ${asShare(r.volumeLost)} of the
            volume.`
    );
  if (r.talkTime !== void 0)
    lines.push(
      say`Its panels stand out a little and snap through with a tick after ${asTime(r.talkTime)}: a warning, not the
        end.`
    );
  return lines;
};
var explanation22 = (_values, { results: r }) => [
  {
    from: 7,
    text: "The pump took the air out of the tin. Then hardly anything was left inside to push out, and the air around us, which pushes all the time, pushed the tin in."
  },
  {
    from: 11,
    text: say`Air presses on each side of this tin, on all of them together with ${asForce(r.outsideForce)}. Before, the
      air inside pressed back just as hard. The pump does not pull the walls in: it only takes away what held them.`
  },
  {
    from: 14,
    text: say`Fewer particles inside hit the wall, so the pressure there fell to ${asPressure(r.finalPressure)}. With
      steam the same comes about in another way: the particles are not carried off, they become water. The wall does
      not know the difference; it gives way at ${asPressure(r.criticalPressureDifference)} both times.`
  },
  {
    from: 16,
    text: say`At one temperature p V/n is constant: a pump that takes the share S Δt/V each moment lowers p
      exponentially towards its own limit, here ${asPressure(r.floorPressure)}. The wall fails at a difference that
      its shape sets (buckling of a shell, or hinges in flat panels). Each ${asArea(0.01)} of it then carries
      ${asForce(0.01 * r.criticalPressureDifference)}. With steam the floor is the air left in plus the saturation
      pressure at the wall: cold water does in a second what this pump does in ${asTime(Math.max(1, r.timeToPump))}.`
  }
];
function steamed(values, coolingMethod) {
  const known = new Set(sealedTin.inputs.map((i) => i.id));
  const numbers = Object.fromEntries(
    Object.entries(values.numbers).filter(([id]) => known.has(id) && id !== "leakArea")
  );
  const { vesselShape, wallMaterial, vesselCondition } = values.choices;
  const choices = { vesselShape, wallMaterial, vesselCondition, coolingMethod };
  const { values: resolved, faults } = resolve(sealedTin, { numbers, choices });
  return faults.length > 0 ? void 0 : sealedTin.simulate(resolved, "summary").results;
}
var variants3 = (values) => {
  const pumped = simulate21(values, "summary").results;
  const [sprayed, left] = [steamed(values, "spray"), steamed(values, "still-air")];
  return {
    title: "The same tin, pumped and steamed",
    results: ["floorPressure", "peakPressureDifference", "hush", "volumeLost"],
    rows: [
      { name: "by this pump, cold", results: pumped },
      ...sprayed ? [{ name: "boiled out, capped, under a spray", results: sprayed }] : [],
      ...left ? [{ name: "boiled out, capped, left in still air", results: left }] : []
    ]
  };
};
var teaching20 = {
  wrongIdea: {
    idea: "The pump sucks the walls in.",
    answer: "The pump touches nothing but air. It takes away what pushed from inside; the room pushes as it did all day."
  },
  before: [
    "Nothing is heated: can it still be crushed?",
    "Which side will go first?",
    "Would a stronger pump push harder, or only sooner?"
  ],
  after: [
    "What do the pump and the cold water have in common?",
    "Why does it go on folding while the pump runs?",
    "Why was steam so much faster?"
  ],
  elsewhere: [
    "A tank emptied with its vent shut.",
    "Vacuum packs round coffee.",
    "Why the windows of aircraft and submarines are round and thick."
  ]
};

// core/catalogue/vacuum/pumped-can/index.ts
var pumpedCan = defineDemonstration({
  id: "pumped-can",
  name: "Pumped tin",
  summary: "A cold, empty tin crushed by a pump, beside the same tin with steam.",
  noun: ["tin", "tins"],
  people: { performs: 14, watches: 8 },
  gates: gates21,
  cautions: cautions21,
  afterFailure: afterFailure21,
  gallery: {
    family: "vacuum",
    effect: "Nothing is heated, and the sides tick and cave in all the same.",
    topics: ["air pressure", "vacuum", "gas laws", "particle model"],
    ages: [8, 18]
  },
  hushWords: { inside: "air in the tin", strength: "the sides give way here" },
  wanted: "crush",
  columns: COLUMNS17,
  suspects: VACUUM_SUSPECTS,
  simulate: simulate21,
  ledger: ledger17,
  inputs: inputs21,
  check: check19,
  logged: logged21,
  results: results19,
  outcomes: outcomes20,
  sizes: sizes17,
  shelf: shelf20,
  procedure: procedure21,
  kit: kit21,
  drawing: drawing20,
  why: why22,
  explanation: explanation22,
  teaching: teaching20,
  variants: variants3
});

// core/catalogue/vacuum/low-pressure-boil/cautions.ts
var HALF = 0.5;
var gates23 = jarGates("water");
var cautions23 = (values, _s, risk) => {
  const { waterTemperature, waterVolume, beakerDiameter } = values.numbers;
  const full = waterVolume / (0.785 * beakerDiameter * beakerDiameter * 1.3 * beakerDiameter);
  return applying(
    scald(waterTemperature, waterVolume, "water", "Water from the kettle", "scald-kettle"),
    jarCautions(values, risk),
    scald(waterTemperature, waterVolume, "pump", "Water that \u201Cboils\u201D at less"),
    {
      id: "bumping",
      step: "pump",
      severity: full > HALF ? "raised" : "usual",
      covers: ["scald"],
      hazard: "Without something rough in it the water may boil up all at once and get into the pump.",
      control: "Boiling chip; beaker half full at most; trap in the line."
    }
  );
};
var afterFailure23 = (_values, _s, _risk, outcome) => jarFailure(
  "Measure the water: has it cooled below what this pump can boil? A boiling chip in it?",
  outcome === "few" ? "It only just began: a little warmer water, or a quicker pump." : "Warmer water, less time between kettle and pump, or a pump that reaches lower."
);

// core/mechanisms/boiling-under-pump.ts
var BOIL = {
  air: 0,
  vapour: 1,
  /** K */
  water: 2,
  /** K */
  glass: 3,
  /** kg evaporated */
  given: 4,
  /** kg of it in bubbles */
  bubbled: 5
};
var STILL = 38e-9;
var THINNEST = 8;
var BUBBLING = 150;
var GOES_ON = 0.2;
var BEAKER_LOSS = 18;
var GLASS_CAPACITY = 5e-3 * 2500 * 800;
var GLASS_LOSS = 10;
var BoilingUnderPump = class {
  constructor(plan3) {
    this.plan = plan3;
  }
  plan;
  /** false until the first bubbles: they need more than what keeps them going */
  started = false;
  /** Air of the room, with its vapour, over water of a temperature (K). */
  start(water, humidity) {
    const { outside, room, volume } = this.plan;
    const vapour = humidity * quickSaturationPressure(room) * volume;
    return Float64Array.of(outside * volume - vapour, vapour, water, room, 0, 0);
  }
  /** Vapour pressure of the water over the jar's, Pa. */
  superpressure(pressure, water) {
    return quickSaturationPressure(water) - pressure;
  }
  /** How strongly it boils, 0 to 1. */
  vigour(pressure, water) {
    if (!this.started) return 0;
    const { over: over2 } = this.plan;
    const share = (this.superpressure(pressure, water) - GOES_ON * over2) / Math.max((1 - GOES_ON) * over2, 1);
    return share <= 0 ? 0 : share >= 1 ? 1 : share;
  }
  contents = {
    scale: [5, 5, 1e-4, 1e-4],
    rates: (_, pressure, state3, slope) => {
      const { outside, room, volume, surface, glass, evaporation, wallCapacity = GLASS_CAPACITY } = this.plan;
      const water = state3[BOIL.water];
      const mass = Math.max(1e-6, this.plan.water - state3[BOIL.given]);
      const partial = state3[BOIL.vapour] / volume;
      const saturation = quickSaturationPressure(water);
      const perArea = evaporation * STILL * Math.min(THINNEST, outside / Math.max(pressure, 1e3));
      const bubbles = this.vigour(pressure, water) * BUBBLING * perArea * surface * (saturation - pressure);
      const given = perArea * surface * (saturation - partial) + bubbles;
      const latent = quickLatentHeat(water);
      const dew = Math.max(0, partial - quickSaturationPressure(state3[BOIL.glass])) * perArea * glass;
      slope[BOIL.vapour] += (given - dew) * WATER_GAS_CONSTANT * room;
      slope[BOIL.water] = -(given * latent + (water - room) * surface * BEAKER_LOSS) / (mass * LIQUID_SPECIFIC_HEAT);
      slope[BOIL.glass] = dew * latent / (wallCapacity * glass) - (state3[BOIL.glass] - room) * GLASS_LOSS / wallCapacity;
      slope[BOIL.given] = given;
      slope[BOIL.bubbled] = bubbles;
    }
  };
};

// core/catalogue/vacuum/low-pressure-boil/simulate.ts
var COLUMNS18 = [
  { id: "waterTemperature", name: "water", quantity: "temperature" },
  { id: "boilingPoint", name: "boiling point in the jar", quantity: "temperature" },
  { id: "vapourGiven", name: "water turned to vapour", quantity: "mass" },
  { id: "boiling", name: "boiling (1) or not", quantity: "count" }
];
var neededStart = ({ numbers: n }) => quickSaturationTemperature(Math.min(n.ultimatePressure, n.stationPressure) + n.boilingOver);
var SHOWN3 = 0.1;
var FEW = 3e-3;
var MOST_BUBBLES = 0.98;
var COLDEST = 273.5;
function simulate23(values, detail, refinement = 1) {
  const n = values.numbers;
  const outside = n.stationPressure;
  const room = n.airTemperature;
  const wall = jarSurface(values);
  const volume = n.jarVolume - n.waterVolume;
  const surface = Math.PI * n.beakerDiameter * n.beakerDiameter / 4;
  const boil = new BoilingUnderPump({
    outside,
    room,
    volume,
    surface,
    glass: wall,
    water: n.waterVolume * quickLiquidDensity(n.waterTemperature),
    evaporation: n.evaporation,
    over: n.boilingOver
  });
  const state3 = boil.start(n.waterTemperature, n.relativeHumidity);
  const rows = detail === "trace" ? new TraceRows([...GAS_COLUMNS, ...COLUMNS18]) : void 0;
  const tolerance = 1.5 * stepTolerance(detail, refinement);
  const occurrences = [];
  const times3 = [];
  const bubbles = [];
  let end = {
    time: 0,
    resume: 0,
    pressure: outside,
    strokes: 0,
    stoppedBy: void 0,
    occurrences: [],
    peaks: {}
  };
  let lowest = outside;
  let boilPressure;
  const space = {
    pump: pumpOf(values),
    outside,
    temperature: room,
    leakArea: n.leakArea,
    gases: 2,
    pressure: (amount, beside) => amount / (volume + beside),
    contents: boil.contents
  };
  do {
    end = pumpDown(space, state3, {
      tolerance,
      longest: n.pumpTime,
      after: end,
      standstill: false,
      onStep: (time2, pressure2, s) => {
        times3.push(time2);
        bubbles.push(s[BOIL.bubbled]);
        rows?.add(time2, {
          pressure: pressure2,
          gasTemperature: room,
          airMass: s[BOIL.air] / (AIR_GAS_CONSTANT * room),
          steamMass: s[BOIL.vapour] / (WATER_GAS_CONSTANT * room),
          waterTemperature: s[BOIL.water],
          boilingPoint: quickSaturationTemperature(Math.max(700, pressure2)),
          vapourGiven: s[BOIL.given],
          boiling: boil.vigour(pressure2, s[BOIL.water]) > 0 ? 1 : 0
        });
      },
      events: [
        {
          id: "boils",
          direction: 1,
          stops: true,
          value: (_, p, s) => boil.started ? -1 : boil.superpressure(p, s[BOIL.water]) - n.boilingOver
        },
        { id: "cold", direction: -1, stops: true, value: (_, __, s) => s[BOIL.water] - COLDEST }
      ],
      peaks: [{ id: "difference", value: (_, p) => outside - p }]
    });
    occurrences.push(...end.occurrences);
    lowest = Math.min(lowest, outside - end.peaks.difference.value);
    if (end.stoppedBy === "boils") {
      boil.started = true;
      boilPressure = end.pressure;
    }
  } while (end.stoppedBy === "boils");
  const { time, pressure } = end;
  const boilAt = occurrences.find((o) => o.id === "boils")?.time;
  const lastBubble = firstReached(MOST_BUBBLES * state3[BOIL.bubbled], times3, bubbles) ?? time;
  const bubbled = boilPressure === void 0 ? 0 : state3[BOIL.bubbled] * WATER_GAS_CONSTANT * room / (boilPressure * surface);
  const difference = outside - lowest;
  return {
    results: {
      ...boilAt !== void 0 && { hush: boilAt, boilPressure },
      boilTime: boilAt === void 0 ? 0 : Math.max(0, lastBubble - boilAt),
      neededStart: neededStart(values),
      endTemperature: state3[BOIL.water],
      evaporated: state3[BOIL.given],
      finalPressure: pressure,
      localBoilingPoint: quickSaturationTemperature(outside),
      timeToPump: time,
      ...!isDriven(values) && { strokes: end.strokes },
      peakPressureDifference: difference,
      jarForce: outside * wall,
      storedEnergy: difference * n.jarVolume
    },
    events: boilAt === void 0 ? [] : [{ id: "boils", name: "boils", time: boilAt }],
    outcome: bubbled >= SHOWN3 ? "boils" : bubbled >= FEW ? "few" : "still",
    details: {
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      difference: outside - pressure,
      freeBefore: volume,
      freeAfter: volume,
      vapourPressure: state3[BOIL.vapour] / volume,
      capacity: n.jarVolume,
      bubbled,
      ...boilAt !== void 0 && { goneAt: boilAt }
    },
    trace: rows && (() => {
      rows.stage("hush", "pumping", boilAt ?? time);
      rows.stage("after", "boiling", time);
      return rows.finish();
    })()
  };
}

// core/catalogue/vacuum/low-pressure-boil/inputs.ts
var inputs23 = defineInputs([
  ...ROOM_INPUTS,
  ...jarInputs(16e-4, 0.12, 0.16),
  blank("waterVolume", "water", "mL", "water", 8e-5, [2e-6, 5e-3], [2e-5, 3e-4], 0.04),
  blank(
    "waterTemperature",
    "its temperature",
    "degC",
    "water",
    273.15 + 66,
    [274.15, 372],
    [293.15, 363.15],
    { shape: "normal", absolute: 1.5 },
    { lever: [-10, -5, 5, 10] }
  ),
  blank("beakerDiameter", "beaker across", "cm", "vessel", 0.06, [0.01, 0.3], [0.03, 0.12], 0.03),
  pumpChoice("hand"),
  ...PUMP_INPUTS,
  pumpingTime(120),
  LEAK,
  coefficient(
    "boilingOver",
    "pressure over the jar\u2019s that it needs to start",
    "kPa",
    600,
    [0, 1e4],
    [100, 3e3],
    0.4,
    "depth of the water and a little superheat: a few hundred Pa with a boiling chip, kilopascals in clean glass; assumption"
  ),
  coefficient(
    "evaporation",
    "how fast a still surface gives off vapour",
    "%",
    1,
    [0.05, 20],
    [0.3, 5],
    0.4,
    "100 %: 3.8e-8 kg/(m2 s Pa), still pools in still air (ASHRAE Handbook HVAC Applications (2019), ch. 6), from memory; thinner air lets more through"
  )
]);
var check21 = (values) => {
  const n = values.numbers;
  const needed2 = neededStart(values);
  const faults = jarBears(values);
  if (n.waterTemperature < needed2) {
    faults.push({
      input: "waterTemperature",
      message: say`given ${asTemperature(n.waterTemperature, { digits: 4 })}; accepted: at least
        ${asTemperature(needed2, { digits: 4, toward: "above" })}, because this pump gets down to
        ${asPressure(n.ultimatePressure, { digits: 4 })} at best and water boils there at
        ${asTemperature(saturationTemperature(Math.max(700, n.ultimatePressure)), { digits: 4 })}. Warmer water,
        or a pump that reaches lower`
    });
  }
  if (n.waterTemperature >= saturationTemperature(n.stationPressure))
    faults.push({
      input: "waterTemperature",
      message: say`given ${asTemperature(n.waterTemperature, { digits: 4 })}; accepted: below
        ${asTemperature(saturationTemperature(n.stationPressure), {
        digits: 4,
        toward: "below"
      })}, where it boils here in the
        open`
    });
  if (n.waterVolume > 0.6 * n.jarVolume)
    faults.push({
      input: "waterVolume",
      message: say`given ${asVolume(n.waterVolume, { digits: 4 })}; accepted: at most
        ${asVolume(0.6 * n.jarVolume, { digits: 4, toward: "below" })}, six tenths of the jar`
    });
  return faults;
};

// core/catalogue/vacuum/low-pressure-boil/outcomes.ts
var logged23 = {
  used: ["waterTemperature", "waterVolume"],
  seen: ["hush", "endTemperature", "boilPressure"]
};
var results20 = [
  ...JAR_RESULTS,
  result("neededStart", "coldest water that this pump can boil here", "degC"),
  result("boilPressure", "pressure at which it starts", "kPa"),
  result("hush", "until it boils", "s", HUSH),
  result("boilTime", "boils for", "s"),
  result("endTemperature", "water at the end", "degC"),
  result("evaporated", "water turned to vapour", "g"),
  result("localBoilingPoint", "would boil in the open at", "degC")
];
var outcomes22 = [
  { id: "boils", look: "gone", name: "boils", sentence: "The water boils for all to see, without a flame." },
  { id: "few", look: "partly", name: "shows a few bubbles", sentence: "A few bubbles rise, then it is still." },
  { id: "still", look: "nothing", name: "does not boil", sentence: "The water stays still." }
];
var ledger19 = ({ details: d }) => ({
  moment: "at the end of the pumping",
  difference: d.difference,
  rows: [
    {
      id: "pumped",
      cause: "air taken out by the pump, less what leaked in",
      pressure: d.difference + d.vapourPressure
    },
    { id: "steam", cause: "vapour that the water gave off (gives back)", pressure: -d.vapourPressure }
  ]
});

// core/catalogue/vacuum/low-pressure-boil/procedure.ts
var shelf22 = [
  { step: "jar", kind: "vessel", shapes: ["bell-jar"], capacity: [1e-4, 0.06] },
  { step: "pump", kind: "pump" }
];
var procedure23 = [
  {
    id: "water",
    hazards: ({ numbers: n }) => n.waterTemperature >= TOUCHABLE ? ["scald"] : [],
    parts: [
      "Put ",
      { input: "waterVolume" },
      " of water at ",
      { input: "waterTemperature" },
      " with a boiling chip into a beaker ",
      { input: "beakerDiameter" },
      " across; show the thermometer."
    ]
  },
  {
    id: "jar",
    parts: [
      "Stand it under a ",
      { input: "jarKind" },
      " of ",
      { input: "jarVolume" },
      " (",
      { input: "jarDiameter" },
      " across, ",
      { input: "jarHeight" },
      " high)."
    ]
  },
  {
    id: "pump",
    hazards: ["glass-under-difference", "vacuum"],
    marks: ["sealed"],
    parts: (values) => ["Pump with a ", ...pumpWords(values), " for at most ", { input: "pumpTime" }, "."],
    duration: (s) => s.results.hush
  },
  { id: "air", parts: ["Let the air in: it stops at once. Read the thermometer again."] }
];
var kit23 = (values) => jarKit(values, "beaker", "boiling chips", "thermometer", "kettle", "trap");

// core/catalogue/vacuum/low-pressure-boil/drawing.ts
var drawing22 = (values, s, time) => {
  const n = values.numbers;
  const [water, boiling, point] = ["waterTemperature", "boiling", "boilingPoint"].map((c) => valueAt(s.trace, c, time));
  const level = Math.min(0.7 * n.jarHeight, n.waterVolume / (Math.PI * n.beakerDiameter * n.beakerDiameter / 4));
  const half = n.beakerDiameter / 2;
  const high = Math.max(level * 1.5, level + 0.02);
  const shapes = [
    { kind: "body", points: rectangle(-half, 4e-3, 2 * half, level), stuff: "water", opacity: 0.85 },
    ...boiling > 0.5 ? [{ kind: "bubbles", at: [0, 4e-3], wide: 1.8 * half, high: level, count: 14 }] : [],
    {
      kind: "body",
      points: [
        [-half, high],
        [-half, 3e-3],
        [half, 3e-3],
        [half, high]
      ],
      stuff: "glass",
      open: true,
      thick: 2
    },
    {
      kind: "note",
      at: [0, high + 0.012],
      anchor: "middle",
      stuff: "water",
      said: [said(water, "temperature", "degC", "degF")]
    }
  ];
  return jarScene(values, s, time, shapes, [
    "The water is at ",
    said(water, "temperature", "degC", "degF"),
    "; at this pressure it boils at ",
    said(point, "temperature", "degC", "degF"),
    boiling > 0.5 ? ": it boils." : "."
  ]);
};

// core/catalogue/vacuum/low-pressure-boil/teaching.ts
var why23 = (values, s) => [
  say`Water boils when its vapour can push the room's pressure back. In the open here that is at
    ${asTemperature(s.results.localBoilingPoint)}; at ${asPressure(values.numbers.ultimatePressure)}, the lowest
    this pump reaches, at ${asTemperature(neededStart(values))} already.`,
  s.outcome === "still" ? say`At ${asTemperature(values.numbers.waterTemperature)} it is too cold for that in the time.` : say`From ${asTemperature(values.numbers.waterTemperature)} it starts at
      ${asPressure(s.results.boilPressure ?? 0)} and cools to ${asTemperature(s.results.endTemperature)}: the
      vapour takes its heat along.`
];
var advice11 = (values) => {
  const needed2 = neededStart(values) + 8;
  return [
    {
      text: say`For this pump at this height start at ${asTemperature(needed2)} or warmer (bare minimum
        ${asTemperature(neededStart(values))}, with no time to cool).`,
      take: { input: "waterTemperature", value: Math.round(needed2 - 273.15) + 273.15 }
    }
  ];
};
var explanation23 = (values, s) => [
  {
    from: 7,
    text: say`Water wants to turn into vapour all the time; the air sits on it like a lid. We take the lid away,
      and it bubbles at ${asTemperature(values.numbers.waterTemperature)}, although nobody heats it.`
  },
  {
    from: 11,
    text: say`Boiling does not need ${asTemperature(373.15)}. Bubbles need a push from inside that is as strong as
      the push from outside, and we have made the outside weak:
      ${asPressure(s.results.boilPressure ?? s.results.finalPressure)}.`
  },
  {
    from: 14,
    text: say`The boiling point depends on pressure: ${asTemperature(s.results.localBoilingPoint)} here in the
      open, ${asTemperature(s.results.neededStart)} at this pump's best. Evaporating takes energy from the water
      itself: it ended at ${asTemperature(s.results.endTemperature)}.`
  },
  {
    from: 16,
    text: say`p_sat(T) against the jar's p. Each ${asMass(0.01)} of vapour take ${asEnergy(23e3)};
      ${asMass(s.results.evaporated)} of it cooled the water
      ${asTemperatureDifference(values.numbers.waterTemperature - s.results.endTemperature)}. A hand pump must
      carry off the vapour's volume as well, so it hovers near saturation; a large one goes on until the water
      freezes at the triple point.`
  }
];
var teaching21 = {
  wrongIdea: {
    idea: "It boils, so it must have got hot.",
    answer: "Feel it afterwards: it got colder. Boiling is about pressure as much as about heat."
  },
  before: ["Can water boil in your hand\u2019s warmth?", "What will the thermometer do?"],
  after: [
    "Where did the heat for the vapour come from?",
    "How would you cook an egg on a high mountain?",
    "Why does it stop at once when the air comes in?"
  ],
  elsewhere: [
    "Potatoes take longer in the mountains.",
    "A pressure cooker, the other way round.",
    "Freeze-drying coffee.",
    "Cooling towers and sweat."
  ]
};

// core/catalogue/vacuum/low-pressure-boil/index.ts
var lowPressureBoil = defineDemonstration({
  id: "low-pressure-boil",
  name: "Boiling without a flame",
  summary: "Warm, not boiling, water under a pump boils by itself and gets colder doing so.",
  noun: ["try", "tries"],
  people: { performs: 14, watches: 9 },
  gates: gates23,
  cautions: cautions23,
  afterFailure: afterFailure23,
  gallery: {
    family: "vacuum",
    effect: "Water that one could put a hand into starts to boil under the jar.",
    topics: ["boiling", "vapour pressure", "vacuum", "altitude"],
    ages: [9, 18]
  },
  hushWords: { inside: "gas left in the jar", strength: "" },
  wanted: "boils",
  columns: [...GAS_COLUMNS, ...COLUMNS18],
  suspects: VACUUM_SUSPECTS,
  simulate: simulate23,
  sizes: jarSizes,
  inputs: inputs23,
  check: check21,
  logged: logged23,
  results: results20,
  outcomes: outcomes22,
  ledger: ledger19,
  shelf: shelf22,
  procedure: procedure23,
  kit: kit23,
  drawing: drawing22,
  why: why23,
  advice: advice11,
  explanation: explanation23,
  teaching: teaching21
});

// core/catalogue/holding/plates/cautions.ts
var gates24 = [
  {
    step: "pump",
    text: "Hands on the handles only; rims without a nick; nobody\u2019s face in line with the pair.",
    guards: ["vacuum"]
  },
  {
    step: "hang",
    text: "Proof load first: twice what will hang, low over the floor, nobody under it; second strap on.",
    guards: ["load"]
  }
];
var cautions24 = (values, _s, risk) => applying(
  {
    id: "fingers",
    step: "grease",
    severity: "usual",
    covers: ["vacuum"],
    hazard: "Skin between the rims is pinched.",
    control: "Hands on the handles only."
  },
  isDriven(values) ? usualPump("pump") : void 0,
  mayLetGo("The pair", atLeast(risk, "safetyFactor"), values.numbers.loadMass, "hang"),
  liftedByHand(values.numbers.loadMass, 18, LIFT_ADULT, "hang")
);
var afterFailure24 = (_values, _s, _risk, outcome) => [
  standBack("Load off first, onto the floor; nobody pulls any more."),
  pressureOff("Then open the valve until the hiss stops."),
  near("Look at rims and grease: one hair leaks; with air in, wipe and grease again."),
  next(
    outcome === "parts" ? "It leaked while loaded: watch the gauge for a minute with the valve shut before anything hangs." : "Less load, a wider pair, or a better vacuum."
  )
];

// core/mechanisms/held-by-air.ts
var holdingForce = (outside, inside, area) => (outside - inside) * area;
function leakClock(share) {
  const choked = Math.min(share, CHOKED);
  const straight = choked / CHOKED_FLOW;
  return share <= CHOKED ? straight : straight + SQUARE_ROOT_7 * (CHOKED_ROOT - Math.sqrt(Math.max(0, 1 - pow(share, 2 / 7))));
}
var SQUARE_ROOT_7 = Math.sqrt(7);
var CHOKED_ROOT = Math.sqrt(1 - pow(CHOKED, 2 / 7));
var EVEN = CHOKED / CHOKED_FLOW + SQUARE_ROOT_7 * CHOKED_ROOT;
var leakRate = (volume, leakArea, temperature) => leakArea * Math.sqrt(AIR_GAS_CONSTANT * temperature) / volume;
function timeToRise(volume, leakArea, outside, temperature, from, to) {
  if (to <= from) return 0;
  if (!(leakArea > 0) || to > outside) return Infinity;
  return (leakClock(to / outside) - leakClock(from / outside)) / leakRate(volume, leakArea, temperature);
}
function risen(volume, leakArea, outside, temperature, from, time) {
  if (!(leakArea > 0) || from >= outside) return from;
  const clock = leakClock(from / outside) + leakRate(volume, leakArea, temperature) * time;
  if (clock >= EVEN) return outside;
  if (clock <= CHOKED / CHOKED_FLOW) return outside * clock * CHOKED_FLOW;
  const root = CHOKED_ROOT - (clock - CHOKED / CHOKED_FLOW) / SQUARE_ROOT_7;
  return outside * pow(1 - root * root, 3.5);
}
var pulledCup = (outside, kept, opened2) => outside * kept / (kept + opened2);

// core/catalogue/holding/plates/simulate.ts
var COLUMNS19 = [
  ...GAS_COLUMNS,
  { id: "holding", name: "holding force", quantity: "force" },
  { id: "pull", name: "pull on it", quantity: "force" }
];
var ENOUGH2 = 0.02;
function simulate24(values, detail, refinement = 1) {
  const n = values.numbers;
  const outside = n.stationPressure;
  const temperature = n.airTemperature;
  const area = Math.PI * n.sealDiameter * n.sealDiameter / 4;
  const pull = n.loadMass * GRAVITY * n.jerk;
  const rows = detail === "trace" ? new TraceRows(COLUMNS19) : void 0;
  const force = (p) => holdingForce(outside, p, area) * n.straightness;
  const add = (time2, pressure2, load) => rows?.add(time2, {
    pressure: pressure2,
    gasTemperature: temperature,
    airMass: pressure2 * n.chamberVolume / (AIR_GAS_CONSTANT * temperature),
    steamMass: 0,
    holding: force(pressure2),
    pull: load
  });
  const pump = pumpOf(values);
  const amount = Float64Array.of(outside * n.chamberVolume);
  const nearly = pump.ultimate + ENOUGH2 * (outside - pump.ultimate);
  const { pressure, time, strokes } = pumpDown(
    { pump, outside, temperature, leakArea: n.leakArea, pressure: (held, beside) => held / (n.chamberVolume + beside) },
    amount,
    {
      tolerance: stepTolerance(detail, refinement),
      longest: n.pumpTime,
      onStep: (t, p) => {
        add(t, p, 0);
      },
      events: [{ id: "enough", direction: -1, stops: true, value: (_, p) => p - nearly }]
    }
  );
  const limit = outside - pull / (area * n.straightness);
  const rise = limit <= pressure ? 0 : timeToRise(n.chamberVolume, n.leakArea, outside, temperature, pressure, limit);
  const atLoad = risen(n.chamberVolume, n.leakArea, outside, temperature, pressure, n.waitTime);
  const end = n.waitTime + n.hangTime;
  const parts = rise < end;
  const last = parts ? Math.max(rise, n.waitTime) : end;
  for (let i = 1; i <= 40; i++) {
    const since = last * i / 40;
    add(
      time + since,
      risen(n.chamberVolume, n.leakArea, outside, temperature, pressure, since),
      since >= n.waitTime ? pull : 0
    );
  }
  if (parts) {
    add(time + last + 0.02, outside, pull);
    add(time + last + 0.6, outside, pull);
  }
  const difference = outside - pressure;
  return {
    results: {
      peakPressureDifference: difference,
      finalPressure: pressure,
      timeToPump: time,
      ...!isDriven(values) && { strokes },
      holdingForce: force(pressure),
      holdingAtLoad: force(atLoad),
      pull,
      safetyFactor: force(atLoad) / pull,
      proofLoad: 2 * pull,
      ...Number.isFinite(rise) && rise < 1e6 && { holdTime: rise },
      mostPossible: outside * area,
      ...parts && { hush: last }
    },
    events: parts ? [{ id: "parts", name: "lets go", time: time + last }] : [],
    outcome: !parts ? "holds" : rise <= n.waitTime ? "weak" : "parts",
    details: {
      stationPressure: outside,
      sealing: time,
      timeOfLifting: 0,
      difference: outside - atLoad,
      leaked: atLoad - pressure,
      area,
      ...parts && { goneAt: time + last }
    },
    trace: rows && (() => {
      rows.stage("pump", "pumping", time);
      rows.stage("hush", "wait and hang", time + last);
      rows.stage("after", "parting", time + last + (parts ? 0.6 : 0));
      return rows.finish();
    })()
  };
}

// core/catalogue/holding/plates/inputs.ts
var hemispheres = ({ choices }) => choices.pairShape === "hemispheres";
var inputs24 = defineInputs([
  ...ROOM_INPUTS,
  {
    id: "pairShape",
    name: "pair",
    kind: "choice",
    group: "vessel",
    default: "discs",
    choices: [
      { id: "discs", name: "flat plates" },
      { id: "hemispheres", name: "half-spheres" }
    ]
  },
  blank("sealDiameter", "inside of the seal", "cm", "vessel", 0.16, [0.02, 0.6], [0.06, 0.3], 0.015),
  blank(
    "chamberVolume",
    "air between them",
    "mL",
    "vessel",
    (v) => hemispheres(v) ? Math.PI / 6 * v.numbers.sealDiameter * v.numbers.sealDiameter * v.numbers.sealDiameter : Math.PI / 4 * v.numbers.sealDiameter * v.numbers.sealDiameter * 8e-3,
    [1e-6, 0.1],
    [1e-5, 3e-3],
    0.1
  ),
  pumpChoice("hand", true),
  ...PUMP_INPUTS,
  pumpingTime(60),
  blank(
    "waitTime",
    "valve shut until the load",
    "s",
    "load",
    20,
    [0, 3600],
    [2, 120],
    { shape: "lognormal", relative: 0.3 },
    { lever: [-10, 40] }
  ),
  blank("loadMass", "what hangs or pulls, as a mass", "kg", "load", 45, [0.1, 3e3], [5, 120], 0.03, {
    lever: [-15, 15]
  }),
  blank("hangTime", "it hangs for", "s", "load", 10, [0.5, 600], [2, 60], { shape: "lognormal", relative: 0.3 }),
  coefficient(
    "jerk",
    "pull against the weight at rest",
    "1",
    1.35,
    [1, 4],
    [1, 2.5],
    { shape: "triangular", below: 0.25, above: 0.55 },
    "somebody who hangs on carefully; a jump doubles it and more; assumption"
  ),
  coefficient(
    "straightness",
    "share of the force when not pulled quite straight",
    "%",
    0.85,
    [0.2, 1],
    [0.6, 1],
    { shape: "uniform", below: 0.15, above: 0.12 },
    "a pull beside the middle parts one edge first; assumption"
  ),
  coefficient(
    "leakArea",
    "leak of the seal",
    "mm2",
    3e-10,
    [0, 1e-6],
    [0, 1e-8],
    0.9,
    "a clean greased ring keeps for minutes; a hair in it does not; measure by watching the gauge"
  )
]);
var check22 = () => [];

// core/catalogue/holding/plates/outcomes.ts
var logged24 = { used: ["sealDiameter", "loadMass"], seen: ["finalPressure", "holdTime"] };
var results21 = [
  result("holdingForce", "holds at first", "N"),
  result("holdingAtLoad", "holds when loaded", "N"),
  result("pull", "pull, with the jerk", "N"),
  result("safetyFactor", "holding force over pull", "1"),
  result("proofLoad", "proof load first", "N"),
  result("holdTime", "would hold this load for", "s"),
  result("mostPossible", "most with nothing left inside", "N"),
  result("finalPressure", "pressure between them", "kPa"),
  result("peakPressureDifference", "greatest pressure difference", "kPa"),
  result("timeToPump", "time at the pump", "s"),
  result("strokes", "strokes", "1"),
  result("hush", "holds for", "s", HUSH)
];
var outcomes23 = [
  { id: "holds", look: "gone", name: "holds to the end", sentence: "The plates hold until the valve is opened." },
  {
    id: "parts",
    look: "partly",
    name: "lets go while loaded",
    sentence: "They hold for a while, then let go with a bang."
  },
  { id: "weak", look: "nothing", name: "does not take the load", sentence: "They part as soon as the load is on." }
];
var ledger20 = ({ details: d }) => ({
  moment: "when the load comes on",
  difference: d.difference,
  rows: [
    { id: "pumped", cause: "air taken out by the pump", pressure: d.difference + d.leaked },
    { id: "leak", cause: "air that leaked back (gives back)", pressure: -d.leaked }
  ]
});
var sizes19 = (_values, s) => [
  {
    id: "holdingForce",
    name: "holding force",
    value: s.results.holdingForce,
    quantity: "force",
    units: ["N", "lbf"],
    note: "difference \xD7 area inside the seal, pulled not quite straight"
  },
  {
    id: "most",
    name: "most with nothing left inside",
    value: s.results.mostPossible,
    quantity: "force",
    units: ["N", "lbf"],
    note: "outside pressure \xD7 the same area"
  }
];

// core/catalogue/holding/plates/procedure.ts
var shelf23 = [{ step: "pump", kind: "pump" }];
var procedure24 = [
  {
    id: "grease",
    parts: [
      "Wipe and grease the rims of a pair of ",
      { input: "pairShape" },
      ", ",
      { input: "sealDiameter" },
      " across inside the seal, ",
      { input: "chamberVolume" },
      " of air between them."
    ]
  },
  {
    id: "pump",
    hazards: ["vacuum"],
    parts: (values) => [
      "Pump with a ",
      ...pumpWords(values),
      " for at most ",
      { input: "pumpTime" },
      "; shut the valve."
    ],
    duration: (s) => s.results.timeToPump
  },
  {
    id: "hang",
    hazards: ["load"],
    marks: ["sealed"],
    parts: [
      "After ",
      { input: "waitTime" },
      " hang ",
      { input: "loadMass" },
      " on it for ",
      { input: "hangTime" },
      "."
    ],
    duration: (s) => s.results.hush
  },
  { id: "open", parts: ["Load off first; then open the valve: they part by themselves."] }
];
var kit24 = () => [
  "pair of plates or half-spheres with handles",
  "pump, hose, valve",
  "gauge",
  "vacuum grease",
  "lint-free cloth",
  "weights for the proof load",
  "strap as a second hold",
  "mat"
];

// core/catalogue/holding/plates/drawing.ts
var drawing23 = (values, s, time) => {
  const n = values.numbers;
  const [pressure, holding, pull] = ["pressure", "holding", "pull"].map((c) => valueAt(s.trace, c, time));
  const d = n.sealDiameter;
  const apart = s.results.hush !== void 0 && time > s.details.goneAt + 0.01 ? d * 0.35 : 0;
  const y = d * 1.3;
  const round2 = hemispheres(values);
  const thick = 0.06 * d;
  const half = (up) => ({
    kind: "body",
    stuff: "metal",
    points: round2 ? [
      ...arch(0, y + (up > 0 ? 0 : -apart), d / 2 + thick, up * (d / 2 + thick)),
      ...arch(0, y + (up > 0 ? 0 : -apart), d / 2, up * d / 2).reverse()
    ] : rectangle(-d / 2 - thick, up > 0 ? y + 0.02 * d : y - 0.02 * d - thick - apart, d + 2 * thick, thick)
  });
  const reach2 = round2 ? d / 2 + thick : thick + 0.02 * d;
  const shapes = [
    ...apart ? [] : [
      {
        kind: "gas",
        points: round2 ? [...arch(0, y, d / 2, d / 2), ...arch(0, y, d / 2, -d / 2).reverse()] : rectangle(-d / 2, y - 0.02 * d, d, 0.04 * d),
        air: pressure / n.stationPressure,
        vapour: 0
      }
    ],
    half(1),
    half(-1),
    {
      kind: "body",
      points: [
        [0, y + reach2],
        [0, y + reach2 + 0.3 * d]
      ],
      stuff: "metal",
      open: true,
      thick: 4
    },
    {
      kind: "body",
      points: [
        [-0.16 * d, y + reach2 + 0.3 * d],
        [0.16 * d, y + reach2 + 0.3 * d]
      ],
      stuff: "metal",
      open: true,
      thick: 5
    },
    {
      kind: "body",
      points: [
        [0, y - reach2 - apart],
        [0, y - reach2 - apart - 0.22 * d]
      ],
      stuff: "metal",
      open: true,
      thick: 4
    },
    ...pull > 0 ? [
      {
        kind: "body",
        points: rectangle(-0.22 * d, y - reach2 - apart - 0.55 * d, 0.44 * d, 0.33 * d),
        stuff: "ink"
      }
    ] : [],
    ...[-0.62, 0, 0.62].flatMap(
      (x) => apart ? [] : [
        {
          kind: "push",
          stuff: "outside-air",
          from: [x * d * 0.7, y + reach2 + 0.26 * d],
          to: [x * d * 0.7, y + reach2 * Math.sqrt(1 - (round2 ? x * x * 0.5 : 0)) + 0.03 * d]
        },
        {
          kind: "push",
          stuff: "outside-air",
          from: [x * d * 0.7 + 0.07 * d, y - reach2 - 0.22 * d],
          to: [x * d * 0.7 + 0.07 * d, y - reach2 * Math.sqrt(1 - (round2 ? x * x * 0.5 : 0)) - 0.03 * d]
        }
      ]
    ),
    { kind: "note", at: [d * 0.75, y + 0.12 * d], anchor: "start", stuff: "ink", said: ["between ", kPa(pressure)] },
    {
      kind: "note",
      at: [d * 0.75, y - 0.12 * d],
      anchor: "start",
      stuff: "outside-air",
      said: ["outside ", kPa(n.stationPressure)]
    },
    {
      kind: "note",
      at: [-d * 0.75, y + 0.12 * d],
      anchor: "end",
      stuff: "ink",
      said: ["holds ", said(holding, "force", "N", "lbf")]
    },
    {
      kind: "note",
      at: [-d * 0.75, y - 0.12 * d],
      anchor: "end",
      stuff: "danger",
      said: ["pull ", said(pull, "force", "N", "lbf")]
    }
  ];
  return {
    frame: { left: -2.4 * d, right: 2.4 * d, bottom: round2 ? -0.2 * d : 0.1 * d, top: y + reach2 + 0.4 * d },
    shapes,
    caption: [
      apart ? "Apart." : "The room presses them together with ",
      ...apart ? [] : [said(holding, "force", "N", "lbf")],
      apart ? "" : "."
    ]
  };
};

// core/catalogue/holding/plates/teaching.ts
var TUG = 300;
var why24 = (values, s) => [
  say`The room presses on ${asLength(values.numbers.sealDiameter)} across with
    ${asPressure(s.results.peakPressureDifference)} more than what is left inside:
    ${asForce(s.results.holdingForce)}, of at most ${asForce(s.results.mostPossible)} with nothing inside.
    Half-spheres hold no more than flat plates of the same width: only the opening counts.`,
  s.outcome === "holds" ? say`The pull of ${asForce(s.results.pull)} is ${asNumber(s.results.safetyFactor, 2)} times
      less${s.results.holdTime === void 0 ? "" : say`; the seal's leak would part them after ${asTime(s.results.holdTime)}`}.` : say`The pull of ${asForce(s.results.pull)} is too much: a wider pair, a better vacuum, or less load.`
];
var advice12 = (_values, s) => [
  {
    text: say`Proof load: ${asForce(s.results.proofLoad)}, before anybody hangs. It would take about
      ${Math.max(1, Math.ceil(s.results.holdingAtLoad / TUG))} people tugging at each side to part them straight.`
  }
];
var explanation24 = (values, s) => [
  {
    from: 7,
    text: "There is no glue. We took the air away from between. The air outside pushes from both sides, and nothing pushes back."
  },
  {
    from: 11,
    text: say`Air presses on every ${asArea(1e-4)} with about ${asForce(values.numbers.stationPressure * 1e-4)}.
      On this plate that makes ${asForce(s.results.holdingForce)}.`
  },
  {
    from: 14,
    text: say`Force is pressure difference times area: ${asPressure(s.results.peakPressureDifference)} ×
      ${asArea(s.details.area)} × ${asShare(values.numbers.straightness)} for a pull that is not quite straight.`
  },
  {
    from: 16,
    text: "For half-spheres add up the components along the pull: \u222B p cos \u03B8 dA is p \u03C0 r\xB2, the projected area. The second team of horses only replaces a wall. Leakage is choked while the inside is under half the outside, so the pressure rises in a straight line at first."
  }
];
var teaching22 = {
  wrongIdea: {
    idea: "The vacuum inside holds them together.",
    answer: "A vacuum can\u2019t hold anything. The room holds them together; on the Moon they would fall apart."
  },
  before: [
    "What holds them?",
    "Would larger plates be harder to part?",
    "Do two teams pull twice as hard as one team and a wall?"
  ],
  after: ["Why did they part so easily with the valve open?", "Would they hold better at the sea or up here?"],
  elsewhere: [
    "Suction cups on glass.",
    "A wet glass on a wet table.",
    "Vacuum lifters for stone plates.",
    "A fresh jar\u2019s lid."
  ]
};
var variants4 = (values) => sideBySide(
  "Widths side by side",
  values,
  simulate24,
  ["holdingForce", "safetyFactor", "holdTime"],
  [0.75, 1, 1.5].map((factor) => ({
    name: say`${asLength(values.numbers.sealDiameter * factor)} across`,
    numbers: {
      sealDiameter: values.numbers.sealDiameter * factor,
      chamberVolume: values.numbers.chamberVolume * factor * factor * (hemispheres(values) ? factor : 1)
    }
  }))
);

// core/catalogue/holding/plates/index.ts
var plates = defineDemonstration({
  id: "plates",
  name: "Plates that won\u2019t part",
  summary: "Two discs or half-spheres, pumped out: pulled at, or hung from, they hold.",
  noun: ["try", "tries"],
  people: { performs: 14, watches: 7 },
  gates: gates24,
  cautions: cautions24,
  afterFailure: afterFailure24,
  gallery: {
    family: "holding",
    effect: "Two people tug at two plates and can\u2019t part them; a valve opens, and they fall apart.",
    topics: ["air pressure", "force and area", "vacuum"],
    ages: [7, 18]
  },
  hushWords: { inside: "air left between", strength: "" },
  wanted: "holds",
  columns: COLUMNS19,
  suspects: VACUUM_SUSPECTS,
  simulate: simulate24,
  inputs: inputs24,
  check: check22,
  logged: logged24,
  results: results21,
  outcomes: outcomes23,
  ledger: ledger20,
  sizes: sizes19,
  shelf: shelf23,
  procedure: procedure24,
  kit: kit24,
  drawing: drawing23,
  why: why24,
  advice: advice12,
  explanation: explanation24,
  teaching: teaching22,
  variants: variants4
});

// core/catalogue/steam/process-vessel/cautions.ts
var gates25 = [];
var cautions25 = (_values, s, risk) => [
  {
    id: "not-a-design",
    step: "tank",
    severity: "raised",
    covers: [],
    hazard: "This is a classroom estimate of a real danger in works and breweries, not a design.",
    control: "Vents and relief devices are sized and tested by qualified people under the code that holds there."
  },
  goesSuddenly(
    s.results.outsideForce,
    atWorst(risk, "peakPressureDifference") * s.details.capacity,
    s.details.capacity,
    mayStillGo(risk),
    "cool",
    "a real tank is never cooled with its vent shut"
  )
];
var afterFailure25 = (_values, _s, _risk, outcome) => [
  standBack(
    "A real tank that shows a dent or a low gauge is left alone: nobody near it, the coolant stopped from a distance."
  ),
  pressureOff("People who are trained for it let air in slowly."),
  outcome === "cave" ? act("near", "It is emptied, cut open and never used again.") : next("It is inspected before it is used again: a shell that has been past its rating may not bear it twice.")
];

// core/catalogue/steam/process-vessel/simulate.ts
var CONDENSATE2 = 5;
var tankOf = ({ numbers: n }) => cylinderVessel(
  {
    capacity: n.vesselVolume,
    diameter: n.vesselDiameter,
    height: n.vesselHeight,
    wallThickness: n.wallThickness,
    mouthDiameter: 0.4
  },
  SOLIDS.steel
);
var GUESS = { "spray": 9e-4, "sprinkle": 13e-5, "still-air": 1e-5 };
var GUESSED_FOR = 3e3;
var [STRIDE, LEAST_STRIDE] = [0.6, 0.05];
var [PINHOLE, HATCH] = [1e-9, 0.5];
var CLOSE2 = 5e-3;
function reliefAreaOf(cooling, method, filled, gas, rated, tolerance) {
  const { vessel } = cooling;
  const missing = (logArea) => {
    const open = new CoolingVessel(
      { ...cooling, leakArea: exp(logArea), strength: { ...cooling.strength, criticalDifference: 1e9 } },
      false
    );
    const { peakDifference } = coolSealed(open, coolingStart(open, filled, gas), { tolerance, untilPeak: true });
    return ln(Math.max(peakDifference, 1e-3) / rated);
  };
  const [narrow, wide] = [ln(PINHOLE * vessel.capacity), ln(HATCH * vessel.capacity)];
  let low = ln((GUESS[method] ?? GUESS.sprinkle) * vessel.capacity * Math.sqrt(GUESSED_FOR / rated));
  let lowValue = missing(low);
  let high = low;
  let highValue = lowValue;
  while (highValue > 0 && high < wide) {
    low = high;
    lowValue = highValue;
    high = Math.min(wide, high + Math.max(LEAST_STRIDE, STRIDE * highValue));
    highValue = missing(high);
  }
  while (lowValue < 0 && low > narrow) {
    high = low;
    highValue = lowValue;
    low = Math.max(narrow, low + Math.min(-LEAST_STRIDE, STRIDE * lowValue));
    lowValue = missing(low);
  }
  if (lowValue <= 0 || highValue >= 0) return exp(lowValue <= 0 ? low : high);
  return exp(falsePosition((x) => -missing(x), [low, -lowValue], [high, -highValue], CLOSE2));
}
function simulate25(values, detail, refinement = 1) {
  const n = values.numbers;
  const vessel = tankOf(values);
  const room = roomOf(values, vessel);
  const recorder = detail === "trace" ? new TraceRecorder({ vessel, room }, "steam", "caving in") : void 0;
  const hot = room.boilingPoint - 0.5;
  const waterMass = CONDENSATE2 * vessel.capacity;
  const filled = {
    wall: hot,
    liquid: hot,
    waterMass,
    airMoles: n.airLeft * room.pressure * vessel.capacity / (GAS_CONSTANT * hot),
    timeOfLifting: 0,
    sealing: 0,
    overheat: hot
  };
  const method = values.choices.coolingMethod;
  const temperature = method === "still-air" ? room.temperature : heldBelowBoiling(n.bathTemperature, room);
  const inside = method === "spray";
  const shell = { diameter: vessel.diameter, height: vessel.height, wallThickness: vessel.wallThickness };
  const cooling = {
    vessel,
    room,
    pool: waterMass,
    leakArea: n.leakArea,
    coolant: coolantOf(vessel, {
      method: inside ? "still-air" : method,
      temperature: inside ? room.temperature : temperature,
      flow: n.coolantFlow * 1e3,
      poolDepth: 0,
      wettedShare: Math.min(1, USUAL_WETTED[method] * n.wettedFactor),
      baseContact: 0,
      factor: n.bathTransferFactor,
      excess: hot - temperature
    }),
    ...inside && { spray: { flow: n.coolantFlow * 1e3, temperature, contact: n.sprayContact } },
    strength: {
      criticalDifference: n.knockDown * vonMisesBuckling(
        { ...shell, height: unsupportedLength(shell.height, n.hoopSpacing, n.hoopHolding) },
        vessel.solid
      ).pressure,
      residualLoad: n.residualLoad,
      stiffening: n.packingStiffness,
      packing: 0.92
    },
    airLayerFactor: n.airLayerFactor,
    surfaceConductance: n.surfaceConductance
  };
  const gas = gasAtSeal({ vessel, room }, filled, waterMass);
  const rated = n.ratedVacuum;
  const reliefArea = reliefAreaOf(cooling, method, filled, gas, rated, stepTolerance("summary", refinement));
  const simulation = runCapped(
    {
      plan: { vessel, room },
      filled,
      gas,
      cooling,
      surface: outerSurface(shell),
      talkAt: rated,
      names: { seal: "steam off, cooling on", talk: "past its rated vacuum", critical: "the shell gives way" }
    },
    detail,
    refinement,
    ({ hush, peakPressureDifference }) => hush !== void 0 ? "cave" : peakPressureDifference > rated ? "over" : "held",
    recorder
  );
  const { giveUpTime, ...results28 } = simulation.results;
  return { ...simulation, results: { ...results28, reliefArea } };
}

// core/catalogue/steam/process-vessel/inputs.ts
var inputs25 = defineInputs([
  ...ROOM_INPUTS,
  quantity("vesselVolume", { units: ["L", "gal"], default: 3, range: [0.1, 100], usual: [0.5, 20] }),
  quantity("vesselDiameter", { units: ["m", "ft"], default: 1.4, range: [0.3, 8], usual: [0.8, 3] }),
  quantity("vesselHeight", { units: ["m", "ft"], default: 2, range: [0.3, 20], usual: [1, 6] }),
  quantity("hoopSpacing", {
    name: "between stiffening rings",
    units: ["m", "ft"],
    default: 2,
    range: [0.1, 20],
    usual: [0.3, 5]
  }),
  quantity("wallThickness", { default: 25e-4, range: [5e-4, 0.02], usual: [15e-4, 6e-3] }),
  {
    id: "ratedVacuum",
    name: "vacuum it is rated for",
    kind: "quantity",
    quantity: "pressure",
    units: ["kPa", "psi"],
    group: "vessel",
    default: 3e3,
    range: [50, 9e4],
    usual: [500, 2e4],
    spread: { shape: "exact" }
  },
  {
    id: "airLeft",
    name: "air left after steaming",
    kind: "quantity",
    quantity: "fraction",
    units: ["%", "%"],
    group: "heat",
    default: 0.04,
    range: [2e-3, 0.9],
    usual: [0.01, 0.3],
    spread: { shape: "lognormal", relative: 0.4 }
  },
  choice("coolingMethod", {
    default: "spray",
    choices: [
      { id: "spray", name: "a cold rinse inside" },
      { id: "sprinkle", name: "rain or a hose outside" },
      { id: "still-air", name: "standing in still air" }
    ]
  }),
  quantity("coolantFlow", {
    units: ["L/min", "gal/min"],
    default: ({ choices }) => (choices.coolingMethod === "spray" ? 60 : 20) * 1e-3 / 60,
    range: [5e-4 / 60, 2 / 60],
    usual: [5e-3 / 60, 0.3 / 60],
    lever: [-0.03 / 60]
  }),
  quantity("bathTemperature", { name: "its temperature", default: 285.15, lever: [20, 40] }),
  quantity("leakArea", {
    name: "vent left open",
    group: "cooling",
    units: ["cm2", "in2"],
    default: 0,
    range: [0, 1],
    usual: [0, 0.01],
    spread: { shape: "normal", relative: 0.05 },
    lever: [1e-3, 5e-3],
    source: "free area with its contraction (about 0.6 of a plain hole)"
  }),
  quantity("sprayContact", {
    default: 0.9,
    usual: [0.3, 0.99],
    spread: { shape: "triangular", below: 0.3, above: 0.09 },
    source: "share of its capacity for heat that spray uses in pure steam: drops of a millimetre that fall for half a second and more take up 1 \u2212 exp(\u22126 t/s), nearly all (Ranz & Marshall 1952 with conduction inside)"
  }),
  ...quantities(
    "wettedFactor",
    "hoopHolding",
    "airLayerFactor",
    "bathTransferFactor",
    "surfaceConductance",
    "knockDown",
    "residualLoad",
    "packingStiffness"
  )
]);
var check23 = (values) => [
  ...capacityFits(
    values,
    enclosedVolume({ diameter: values.numbers.vesselDiameter, height: values.numbers.vesselHeight })
  ),
  ...belowBoiling(values, "bathTemperature"),
  ...atMost(values, "hoopSpacing", "vesselHeight", "the tank's height"),
  ...thinWall(values, values.numbers.vesselDiameter)
];

// core/catalogue/steam/process-vessel/outcomes.ts
var logged25 = { used: [], seen: [] };
var results22 = steamResults(
  "boilingTemperature",
  "residualAirFraction",
  "steamMass",
  "criticalPressureDifference",
  "peakPressureDifference",
  "floorPressure",
  "reliefArea",
  "outsideForce",
  "peakNetForce",
  "talkTime",
  "hush",
  "volumeLost"
);
var outcomes24 = [
  {
    id: "held",
    look: "filled",
    name: "stays within its rating",
    sentence: "Air comes in as fast as steam goes; nothing happens to the tank."
  },
  {
    id: "over",
    look: "partly",
    name: "goes past its rating",
    sentence: "The tank stands, but at a vacuum it is not built for."
  },
  { id: "cave", look: "gone", name: "caves in", sentence: "The shell folds in." }
];
var ledger21 = steamLedger("when the shell gives way");
var sizes20 = (values, s) => sizesOf(s, values.numbers.vesselDiameter * values.numbers.vesselHeight, false);

// core/catalogue/steam/process-vessel/procedure.ts
var shelf24 = [];
var procedure25 = [
  {
    id: "tank",
    parts: [
      "Picture a steel tank of ",
      { input: "vesselVolume" },
      ", ",
      { input: "vesselDiameter" },
      " across and ",
      { input: "vesselHeight" },
      " tall, shell ",
      { input: "wallThickness" },
      ", rings ",
      { input: "hoopSpacing" },
      " apart, rated for ",
      { input: "ratedVacuum" },
      " below the room."
    ]
  },
  {
    id: "steam",
    parts: [
      "It has been cleaned with steam until ",
      { input: "airLeft" },
      " of the gas was air. The steam is shut off."
    ]
  },
  {
    id: "cool",
    marks: ["sealed"],
    parts: ({ numbers: n, choices }) => [
      "Now comes ",
      { input: "coolingMethod" },
      ...choices.coolingMethod === "still-air" ? [] : [": ", { input: "coolantFlow" }, " at ", { input: "bathTemperature" }],
      ...n.leakArea > 0 ? [", with ", { input: "leakArea" }, " of vent open."] : [", its vent shut (open: ", { input: "leakArea" }, ")."]
    ],
    duration: (s) => s.results.talkTime
  }
];
var kit25 = () => [
  "nothing: this is a thought experiment",
  "a picture of a caved-in tank",
  "the can plunge, for comparison",
  "a calculator for the class"
];

// core/catalogue/steam/process-vessel/drawing.ts
var drawing24 = (values, s, time) => steamScene(values, s, time, {
  shape: "tank",
  closure: "vent",
  cooling: values.choices.coolingMethod === "spray" ? "inside" : values.choices.coolingMethod,
  heat: "",
  diameter: values.numbers.vesselDiameter,
  height: values.numbers.vesselHeight,
  mouth: 0.2,
  hoopSpacing: values.numbers.hoopSpacing,
  vent: values.numbers.leakArea
});

// core/catalogue/steam/process-vessel/teaching.ts
var teaching23 = {
  wrongIdea: {
    idea: "A strong tank for pressure is strong for vacuum as well.",
    answer: "Pressure from inside stretches a wall, pressure from outside buckles it. Tanks that hold several times the pressure of the room inside cave in at a tenth of it outside."
  },
  before: ["What changes when the vent is shut?", "How much must a vent let in?"],
  after: ["What would have prevented it?", "Why is a cold rinse worse than waiting?"],
  elsewhere: [
    "Dairy and brewery tanks after hot cleaning.",
    "Tank wagons in a thunderstorm.",
    "Storage tanks with a bird\u2019s nest in the vent."
  ]
};
var why25 = (values, { results: r }) => [
  say`To stay within ${asPressure(values.numbers.ratedVacuum)} of the room it needs about ${asArea(r.reliefArea)}
    of free opening; ${asArea(values.numbers.leakArea)} is open.`,
  r.talkTime === void 0 ? "It never goes past its rating." : say`It goes past its rating after
      ${asTime(r.talkTime)}${r.hush === void 0 ? "" : say` and the shell gives way after ${asTime(r.hush)}`}.`,
  say`With everything shut and cold it could fall to ${asPressure(r.floorPressure)}: only the
    ${asShare(r.residualAirFraction)} of air left inside would still push back.`
];
var explanation25 = (values, { results: r }) => [
  {
    from: 7,
    text: "A big tank full of steam is like a big can full of steam. If no air can get in when it cools, the air outside pushes it in."
  },
  {
    from: 11,
    text: "Works clean tanks with steam. When the steam turns back into water, air must be let in, or the air outside crushes the tank. That is what the vent is for."
  },
  {
    from: 14,
    text: say`${asMass(r.steamMass)} of steam fills this tank; as water it would fill a bucket. A cold rinse
      condenses it so fast that an opening of ${asArea(r.reliefArea)} is needed.`
  },
  {
    from: 16,
    text: say`The vent must pass air at the rate at which steam condenses while the difference stays at the rated
      ${asPressure(values.numbers.ratedVacuum)}: area = ṁ/√(2ρΔp). A thin-walled tank may hold pressure from
      inside well and yet buckle at a small difference from outside.`
  }
];

// core/catalogue/steam/process-vessel/index.ts
var processVessel = defineDemonstration({
  id: "process-vessel",
  name: "Tank with its vent shut",
  summary: "What if: a tank as large as a small room cleaned with steam, then cooled with its vent shut.",
  noun: ["tank", "tanks"],
  people: { performs: 18, watches: 14 },
  gates: gates25,
  cautions: cautions25,
  afterFailure: afterFailure25,
  gallery: {
    family: "steam",
    effect: "Where else this happens: why tanks need vents, and how wide.",
    topics: ["where else this happens", "condensation", "air pressure", "engineering"],
    ages: [14, 18],
    whatIf: true
  },
  hushWords: { inside: "air in the tank", strength: "the shell gives way here" },
  suspects: STEAM_SUSPECTS,
  wanted: "held",
  columns: COLUMNS3,
  simulate: simulate25,
  inputs: inputs25,
  check: check23,
  logged: logged25,
  results: results22,
  outcomes: outcomes24,
  ledger: ledger21,
  sizes: sizes20,
  shelf: shelf24,
  procedure: procedure25,
  kit: kit25,
  drawing: drawing24,
  teaching: teaching23,
  why: why25,
  explanation: explanation25
});

// core/catalogue/steam/sealed-drum/cautions.ts
var gates26 = closedMetalGates("drum");
var cautions26 = (values, s, risk) => closedMetalCautions(values, s, risk, "drum");
var afterFailure26 = (values, _s, risk, outcome) => closedMetalFailure(values, risk, outcome, "drum", "bung");

// core/catalogue/steam/sealed-drum/simulate.ts
function drumOf({ numbers: n, choices }) {
  const solid = SOLIDS[choices.wallMaterial];
  const shell = { diameter: n.vesselDiameter, height: n.vesselHeight, wallThickness: n.wallThickness };
  const free = unsupportedLength(shell.height, n.hoopSpacing, n.hoopHolding);
  const perfect = vonMisesBuckling({ ...shell, height: free }, solid);
  return {
    vessel: cylinderVessel({ ...shell, capacity: n.vesselVolume, mouthDiameter: n.mouthDiameter }, solid),
    surface: outerSurface(shell),
    criticalDifference: n.knockDown * perfect.pressure,
    details: { lobes: perfect.lobes, unsupportedLength: free }
  };
}
var simulate26 = (values, detail, refinement = 1) => boilSealCool(values, drumOf(values), detail, refinement);

// core/catalogue/steam/sealed-drum/teaching.ts
function why26(values, simulation) {
  const lines = metalWhy(values, simulation, "drum", "shell");
  lines.push(
    say`With its hoops the shell acts as if ${asLength(simulation.details.unsupportedLength)} of it stood without
      support; hoops that hold better, or a thicker wall, can keep it standing.`
  );
  return lines;
}
function explanation26(_values, { results: r }) {
  const force = asForce(r.outsideForce);
  return [
    {
      from: 7,
      text: "The drum was full of steam. When it got cold the steam turned back into a little water, and hardly anything was left inside to push out. The air around us pushed the drum flat."
    },
    {
      from: 11,
      text: say`The air presses on this drum with ${force} when all sides are added up; as much as many cars
        weigh. While it is open, air or steam inside pushes back just as hard. Closed and cooled, it no longer
        does. Nothing sucks.`
    },
    {
      from: 14,
      text: say`Boiling left ${asShare(r.residualAirFraction)} air in the gas. As the steam condenses the pressure
        inside falls towards ${asPressure(r.floorPressure)}; the drum can bear a difference of about
        ${asPressure(r.criticalPressureDifference)} and no more.`
    },
    {
      from: 16,
      text: say`A thin shell under outside pressure fails by buckling, not by strength: the critical difference
        goes nearly as (t/D)^${asNumber(2.5, 2)} and falls with the unsupported length (von Mises). Rolling hoops
        shorten that length by an amount nobody knows well, which is why two drums that look alike behave
        differently.`
    }
  ];
}
var teaching24 = {
  wrongIdea: {
    idea: "Steel is far too strong for air.",
    answer: say`Air pushes on every ${asArea(1)} with ${asForce(1e5)}: what ten large cars weigh. A thin wall that
      is bent a little has no chance.`
  },
  before: ["How long will the hush last?", "What would a spray do that waiting does not?"],
  after: ["Why did it wait, and then go at once?", "Would a smaller drum be stronger or weaker?"],
  elsewhere: [
    "Storage tanks emptied with the vent shut.",
    "Submarines and their ribs.",
    "Beer kegs steamed and sealed."
  ]
};

// core/catalogue/steam/sealed-drum/inputs.ts
var inputs26 = defineInputs([
  ...ROOM_INPUTS,
  quantity("vesselVolume", { units: ["L", "gal"], default: 0.06, range: [5e-3, 0.3], usual: [0.02, 0.21] }),
  quantity("vesselDiameter", { units: ["cm", "in"], default: 0.38, range: [0.15, 0.8], usual: [0.28, 0.6] }),
  quantity("vesselHeight", { units: ["cm", "in"], default: 0.54, range: [0.2, 1.3], usual: [0.35, 0.9] }),
  quantity("hoopSpacing"),
  choice("wallMaterial", { default: "steel" }),
  quantity("wallThickness", {
    default: 6e-4,
    range: [2e-4, 2e-3],
    usual: [4e-4, 12e-4],
    spread: { shape: "normal", relative: 0.06 }
  }),
  quantity("mouthDiameter", { name: "bung hole", default: 0.05, range: [0.01, 0.2], usual: [0.018, 0.06] }),
  choice("vesselCondition"),
  quantity("waterCharge", {
    name: "water in the drum",
    units: ["L", "qt"],
    default: 1e-3,
    range: [5e-5, 0.04],
    usual: [3e-4, 4e-3],
    lever: [-5e-4, 5e-4]
  }),
  quantity("chargeTemperature"),
  quantity("heaterPower", { name: "burner", default: 6e3, range: [200, 6e4], usual: [2e3, 15e3] }),
  quantity("heatingEfficiency", {
    default: 0.45,
    usual: [0.2, 0.7],
    source: "gas ring under a wide base, Incropera & DeWitt give no figure; common practice 0.35 to 0.55"
  }),
  quantity("purgeTime", {
    default: 240,
    usual: [0, 1200],
    spread: { shape: "normal", absolute: 10 },
    lever: [-120, 120, 300]
  }),
  quantity("sealDelay", { default: 10, usual: [3, 60], lever: [-5, 10, 20] }),
  quantity("coolDelay", { default: 10 }),
  choice("coolingMethod", { default: "ice-pool" }),
  quantity("bathTemperature", { name: "cooling water", default: 277.15 }),
  quantity("coolantFlow"),
  quantity("poolDepth"),
  quantity("bathVolume", { name: "water in the pool", default: 0.025, usual: [5e-3, 0.1] }),
  quantity("iceMass", { name: "ice in the pool", units: ["kg", "lb"], default: 5, range: [0, 200], usual: [0, 30] }),
  quantity("hoopHolding"),
  ...METAL_COEFFICIENTS,
  quantity("plumeVapourFraction", { default: 0.6, spread: { shape: "triangular", below: 0.25, above: 0.25 } })
]);
var check24 = (values) => [
  ...capacityFits(
    values,
    enclosedVolume({ diameter: values.numbers.vesselDiameter, height: values.numbers.vesselHeight })
  ),
  ...belowBoiling(values, "chargeTemperature", "bathTemperature"),
  ...waterFits(values, "drum"),
  ...atMost(values, "mouthDiameter", "vesselDiameter", "the drum's diameter"),
  ...atMost(values, "hoopSpacing", "vesselHeight", "the drum's height"),
  ...thinWall(values, values.numbers.vesselDiameter)
];

// core/catalogue/steam/sealed-drum/outcomes.ts
var logged26 = {
  used: ["waterCharge", "purgeTime", "sealDelay", "bathTemperature", "coolantFlow", "poolDepth"],
  seen: ["hush", "timeToBoil", "timeToPlume", "volumeLost"]
};
var outcomes25 = [
  { id: "crush", look: "gone", name: "crushes", sentence: "The drum folds in with a bang and is wrecked." },
  { id: "dent", look: "partly", name: "buckles", sentence: "A side goes in with a thump, but the drum stands." },
  { id: "stand", look: "nothing", name: "stands", sentence: "It stands there, however long one waits." }
];
var ledger22 = steamLedger("when the shell gives way");
var sizes21 = (values, s) => sizesOf(
  s,
  Math.max(crossSection(values.numbers.vesselDiameter), values.numbers.vesselDiameter * values.numbers.vesselHeight),
  values.choices.coolingMethod === "ice-pool"
);

// core/catalogue/steam/sealed-drum/procedure.ts
var plan2 = (values) => heatingPlan(values, drumOf(values).vessel);
var shelf25 = [
  { step: "charge", kind: "vessel", shapes: ["cylinder"], materials: ["steel", "aluminium"], capacity: [5e-3, 0.3] },
  { step: "heat", kind: "heater", heaters: FLAME_OR_PLATE },
  { step: "cool", kind: "bath" }
];
var procedure26 = [
  {
    id: "charge",
    hazards: ["fuel"],
    parts: [
      "Pour ",
      { input: "waterCharge" },
      " of water at ",
      { input: "chargeTemperature" },
      " into a ",
      { input: "vesselCondition" },
      " ",
      { input: "wallMaterial" },
      " drum of ",
      { input: "vesselVolume" },
      ": ",
      { input: "vesselDiameter" },
      " across, ",
      { input: "vesselHeight" },
      " tall, ",
      { input: "wallThickness" },
      " thick, hoops ",
      { input: "hoopSpacing" },
      " apart, bung hole ",
      { input: "mouthDiameter" },
      ". Both bungs out."
    ]
  },
  ...BOIL_SEAL_COOL,
  COOLING_STEP
];
var kit26 = (values) => [
  "drum of known history, both bungs out",
  "bung with a sound seal, and its wrench",
  "burner, and a way to shut it off from a distance",
  "stand that can be pulled away, or a lever and gloves to shift the drum",
  ...coolingKit(values),
  "heat-proof gloves",
  "eye and ear protection",
  "barrier tape",
  "clock"
];
var ready6 = (values, s) => readyFromPlan(plan2(values), s);
var repeats3 = repeatsInPool((values) => drumOf(values).vessel);
var waterWindow3 = (values) => waterWindowOf(plan2(values), values.numbers.waterCharge, 1800);

// core/catalogue/steam/sealed-drum/drawing.ts
var drawing25 = (values, s, time) => steamScene(values, s, time, {
  shape: "drum",
  closure: "bung",
  cooling: values.choices.coolingMethod,
  heat: "flame",
  diameter: values.numbers.vesselDiameter,
  height: values.numbers.vesselHeight,
  mouth: values.numbers.mouthDiameter,
  hoopSpacing: values.numbers.hoopSpacing,
  poolDepth: values.numbers.poolDepth
});

// core/catalogue/steam/sealed-drum/index.ts
var sealedDrum = defineDemonstration({
  id: "sealed-drum",
  name: "Sealed drum",
  summary: "A steel drum boiled out, bunged and cooled: the outside air folds it up.",
  noun: ["drum", "drums"],
  people: { performs: 18, watches: 9 },
  gates: gates26,
  cautions: cautions26,
  afterFailure: afterFailure26,
  gallery: {
    family: "steam",
    effect: "A long hush, groans, then one enormous bang.",
    topics: ["air pressure", "condensation", "strength of shells", "change of state"],
    ages: [9, 18]
  },
  hushWords: { inside: "air in the drum", strength: "the shell gives way here" },
  results: METAL_RESULTS,
  suspects: STEAM_SUSPECTS,
  wanted: "crush",
  columns: COLUMNS3,
  simulate: simulate26,
  why: why26,
  explanation: explanation26,
  inputs: inputs26,
  check: check24,
  logged: logged26,
  outcomes: outcomes25,
  ledger: ledger22,
  sizes: sizes21,
  shelf: shelf25,
  procedure: procedure26,
  kit: kit26,
  ready: ready6,
  repeats: repeats3,
  waterWindow: waterWindow3,
  drawing: drawing25,
  teaching: teaching24
});

// core/catalogue/vacuum/soft-pack/cautions.ts
var gates27 = [
  {
    step: "jar",
    text: "What holds it looked over: a jar made for vacuum without a scratch, or a bottle that may buckle; nothing that lives goes in.",
    guards: ["glass-under-difference"]
  },
  ...jarGates("jar").filter((g) => g.step === "pump")
];
var cautions27 = (values, _s, risk) => applying(
  values.choices.where === "cabin" ? void 0 : values.choices.where === "jar" ? jarCautions(values, risk) : nothingAlive("pump"),
  bursts("It", risk.share("opens"), "pump"),
  noFood("What stood in a jar is no food any more.", "air")
);
var afterFailure27 = (values, _s, _risk, outcome) => values.choices.where === "cabin" ? [
  wait("Leave it as it is."),
  pressureOff("Nothing to open: it comes back by itself on the way down."),
  near(outcome === "opens" ? "Wipe up what came out." : "Look at it again higher up."),
  next("Another packet: one with more gas in it, or less.")
] : outcome === "opens" ? [...BURST.filter((a) => a.kind !== "next"), act("next", "Less gas in it, or stop at a higher pressure.")] : jarFailure("Is there gas in it at all? Press it in your hand.", "A fresher one, or a pump that reaches lower.");

// core/mechanisms/soft-pack.ts
var TAUT = 15e5;
function packVolume({ rest, taut, stiffness }, amount, outside) {
  if (amount <= outside * rest) return amount / outside;
  const limp = positiveRoot(stiffness / rest, outside - stiffness, amount);
  return limp <= taut ? limp : positiveRoot(stiffness / rest + TAUT / taut, outside - stiffness - TAUT, amount);
}
var positiveRoot = (a, b, c) => {
  const root = Math.sqrt(b * b + 4 * a * c);
  return b > 0 ? 2 * c / (b + root) : (root - b) / (2 * a);
};
var leaking = (amount, leakTime, over2, outside) => over2 > 0 ? amount / leakTime * over2 / (over2 + outside) : 0;

// core/catalogue/vacuum/soft-pack/simulate.ts
var COLUMNS20 = [
  { id: "packVolume", name: "gas in the pack", quantity: "volume" },
  { id: "packDifference", name: "pack over the jar", quantity: "pressure" }
];
var SEEN7 = 1.25;
var RETURN = 4;
var KEPT = 0.9;
function simulate27(values, detail, refinement = 1) {
  const n = values.numbers;
  const outside = n.stationPressure;
  const pack = { rest: n.packGas, taut: n.packGas * n.roomToGrow, stiffness: n.packStiffness };
  const inCabin = values.choices.where === "cabin";
  let opened2;
  const overOf = (amount2, p) => opened2 === void 0 ? Math.max(0, amount2 / packVolume(pack, amount2, p) - p) : 0;
  const growthOf = (amount2, p) => packVolume(pack, amount2, p) / pack.rest;
  const lost = (amount2, p) => Math.max(0, amount2 - p * pack.rest * KEPT);
  const row = (amount2, p) => ({
    packVolume: packVolume(pack, amount2, p),
    packDifference: overOf(amount2, p)
  });
  const pushes = (amount2, p) => overOf(amount2, p) / n.sealStrength;
  const shows = (amount2, p) => Math.max(growthOf(amount2, p) - SEEN7, pushes(amount2, p) - 0.4);
  const pumped = pumpJar(
    inCabin ? { ...values, numbers: { ...n, targetPressure: outside } } : values,
    detail,
    refinement,
    {
      volume: (p, s2) => Math.max(0.05 * n.jarVolume, n.jarVolume - packVolume(pack, s2[1] || outside * pack.rest, p)),
      contents: {
        start: [outside * pack.rest],
        scale: [0.05 * outside * pack.rest],
        rates: (_, p, s2, slope) => {
          const out = leaking(s2[1], n.leakTime, overOf(s2[1], p), p);
          slope[0] += out;
          slope[1] = -out;
        }
      },
      row: (p, _, s2) => row(s2[1], p),
      events: [
        { id: "seen", direction: 1, stops: false, value: (_, p, s2) => shows(s2[1], p) },
        {
          id: "opens",
          direction: 1,
          stops: true,
          value: (_, p, s2) => opened2 === void 0 ? pushes(s2[1], p) - 1 : -1
        }
      ],
      turns: {
        opens: (s2, p) => {
          opened2 = p;
          const out = lost(s2[1], p);
          s2[0] += out;
          s2[1] -= out;
        }
      },
      peaks: [
        { id: "growth", value: (_, p, s2) => growthOf(s2[1], p) },
        { id: "over", value: (_, p, s2) => overOf(s2[1], p) }
      ]
    },
    COLUMNS20
  );
  const { simulation: s, rows } = pumped;
  const amount = Float64Array.of(pumped.state[1]);
  let seen = pumped.at("seen");
  let openedAt = pumped.at("opens");
  let most = Math.max(1, pumped.peak("growth") || 0);
  let strain = Math.max(0, pumped.peak("over") || 0);
  const follow2 = (from2, duration, start, end) => {
    if (duration <= 0) return;
    const at4 = (t) => start + (end - start) * (t - from2) / duration;
    const system = {
      size: 1,
      scale: Float64Array.of(0.05 * outside * pack.rest),
      dependsOnTime: start !== end,
      derivatives: (t, y, slope) => {
        slope[0] = -leaking(y[0], n.leakTime, overOf(y[0], at4(t)), at4(t));
      }
    };
    for (let time2 = from2; time2 < from2 + duration; ) {
      const stage = integratorOf(1).run(system, amount, time2, from2 + duration, {
        tolerance: stepTolerance(detail, refinement),
        firstStep: duration / 20,
        between: rows ? 2 : 0,
        onStep: rows && ((t, y) => rows.add(t, pumped.row(at4(t), t, Float64Array.of(0, y[0])))),
        events: [
          { id: "seen", direction: 1, stops: false, value: (t, y) => seen === void 0 ? shows(y[0], at4(t)) : -1 },
          {
            id: "opens",
            direction: 1,
            stops: true,
            value: (t, y) => opened2 === void 0 ? pushes(y[0], at4(t)) - 1 : -1
          }
        ],
        peaks: [
          { id: "growth", value: (t, y) => growthOf(y[0], at4(t)) },
          { id: "over", value: (t, y) => overOf(y[0], at4(t)) }
        ]
      });
      time2 = stage.time;
      seen ??= stage.occurrences.find((o) => o.id === "seen")?.time;
      most = Math.max(most, stage.peaks.growth.value);
      strain = Math.max(strain, stage.peaks.over.value);
      if (stage.stoppedBy === "opens") {
        openedAt = time2;
        opened2 = at4(time2);
        amount[0] -= lost(amount[0], opened2);
      }
    }
  };
  const climb = inCabin ? n.pumpTime : 0;
  if (inCabin) follow2(0, climb, outside, Math.min(n.targetPressure, outside));
  const pressure = inCabin ? Math.min(n.targetPressure, outside) : pumped.pressure;
  const time = inCabin ? climb : pumped.time;
  const held = inCabin ? 0 : n.holdTime;
  const from = inCabin ? time : pumped.resume;
  follow2(from, held, pressure, pressure);
  const back = inCabin ? time * 0.5 : RETURN;
  follow2(from + held, back, pressure, outside);
  const trace = withTrace(pumped, (rows2) => {
    rows2.stage("hush", inCabin ? "climb" : "pumping", time);
    rows2.stage("hold", "hold", time + held);
    rows2.stage("after", inCabin ? "descent" : "return of the air", time + held + back);
  });
  const { strokes, storedEnergy, ...shared } = s.results;
  return {
    outcome: openedAt !== void 0 ? "opens" : seen !== void 0 ? "swells" : "little",
    results: {
      ...shared,
      ...!inCabin && strokes !== void 0 && { strokes },
      storedEnergy: inCabin ? 0 : storedEnergy,
      finalPressure: pressure,
      timeToPump: time,
      peakPressureDifference: outside - pressure,
      growth: most,
      packDifference: strain,
      shrunkTo: Math.min(1, packVolume(pack, amount[0], outside) / pack.rest),
      ...seen !== void 0 && { hush: seen }
    },
    events: openedAt === void 0 ? [] : [{ id: "opens", name: "opens", time: openedAt }],
    details: {
      ...s.details,
      difference: outside - pressure,
      showAt: time + held,
      ...seen !== void 0 && { goneAt: seen }
    },
    ...trace && { trace }
  };
}

// core/catalogue/vacuum/soft-pack/inputs.ts
var PACKS = {
  "marshmallow": { name: "marshmallows", gas: 24e-6, grow: 3.6, stiffness: 2500, seal: 8e4, leak: 45 },
  "snack": { name: "sealed snack packet", gas: 16e-5, grow: 1.6, stiffness: 200, seal: 28e3, leak: 2e4 },
  "bubble-wrap": { name: "bubble wrap", gas: 5e-5, grow: 1.3, stiffness: 3e3, seal: 13e4, leak: 1e5 },
  "pot": { name: "pot with a foil lid", gas: 3e-5, grow: 1.35, stiffness: 3e3, seal: 22e3, leak: 1e5 }
};
var inBottle = (bottle2, jar2) => ({ choices }) => choices.where === "bottle" ? bottle2 : jar2;
var kind = ({ choices }) => PACKS[choices.pack ?? ""] ?? PACKS.snack;
var inputs27 = defineInputs([
  ...ROOM_INPUTS,
  {
    id: "pack",
    name: "what is in it",
    kind: "choice",
    group: "load",
    default: "marshmallow",
    choices: Object.entries(PACKS).map(([id, { name }]) => ({ id, name }))
  },
  {
    id: "where",
    name: "where",
    kind: "choice",
    group: "vessel",
    default: "jar",
    choices: [
      { id: "jar", name: "a bell jar with a pump" },
      { id: "bottle", name: "a wide bottle with a hand pump" },
      { id: "cabin", name: "a flight cabin or a mountain road" }
    ]
  },
  // A bottle with a hand pump is small; so is what goes into it.
  blank(
    "packGas",
    "gas in it",
    "mL",
    "load",
    (v) => kind(v).gas * (v.choices.where === "bottle" ? 0.4 : 1),
    [2e-7, 3e-3],
    [5e-6, 5e-4],
    0.15
  ),
  ...jarInputs(inBottle(1e-3, 65e-4), inBottle(0.095, 0.19), inBottle(0.17, 0.26)),
  pumpChoice("hand"),
  ...PUMP_INPUTS,
  target(2e4),
  pumpingTime(180),
  blank("holdTime", "held at the end", "s", "pump", 20, [0, 1800], [0, 120], 0.1, { lever: [-15, 30] }),
  LEAK,
  coefficient(
    "roomToGrow",
    "times its gas when it is taut",
    "1",
    (v) => kind(v).grow,
    [1.01, 8],
    [1.1, 5],
    0.12,
    "by the kind; assumption, measured by filling one"
  ),
  coefficient(
    "packStiffness",
    "stiffness before it is taut",
    "kPa",
    (v) => kind(v).stiffness,
    [10, 1e5],
    [100, 1e4],
    0.3,
    "by the kind; foam some kPa (Gibson & Ashby, Cellular Solids, 2nd ed., ch. 5, order of magnitude)"
  ),
  coefficient(
    "sealStrength",
    "difference at which it opens",
    "kPa",
    (v) => kind(v).seal,
    [500, 4e5],
    [5e3, 15e4],
    0.2,
    "peel seals of food packs open at some 20 to 35 kPa; from memory"
  ),
  coefficient(
    "leakTime",
    "time in which its gas would leak away",
    "s",
    (v) => kind(v).leak,
    [1, 1e7],
    [10, 1e5],
    0.5,
    "by the kind; assumption, from how fast a swollen one sinks"
  )
]);
var check25 = ({ numbers: n, choices }) => [
  ...choices.where === "jar" ? jarBears({ numbers: n, choices }) : [],
  ...n.packGas * n.roomToGrow > 0.8 * n.jarVolume ? [
    {
      input: "packGas",
      message: say`given so much that, swollen, it needs ${asVolume(n.packGas * n.roomToGrow, { digits: 4 })};
            accepted: at most ${asVolume(0.8 * n.jarVolume / n.roomToGrow, {
        digits: 4,
        toward: "below"
      })} for this jar`
    }
  ] : []
];

// core/catalogue/vacuum/soft-pack/outcomes.ts
var logged27 = { used: ["packGas", "targetPressure"], seen: ["growth", "shrunkTo", "finalPressure"] };
var results23 = [
  ...JAR_RESULTS,
  result("growth", "times its size at most", "1"),
  result("packDifference", "most it pushes against its skin", "kPa"),
  result("shrunkTo", "size afterwards, against before", "%"),
  result("hush", "until it is seen to grow", "s", HUSH)
];
var outcomes26 = [
  { id: "swells", look: "gone", name: "swells", sentence: "It swells up, and holds." },
  { id: "opens", look: "harm", name: "opens", sentence: "It swells until it pops open." },
  { id: "little", look: "nothing", name: "hardly changes", sentence: "It hardly changes." }
];
var sizes22 = (values, s) => values.choices.where === "cabin" ? [
  {
    id: "packDifference",
    name: "pushing on its skin",
    value: s.results.packDifference,
    quantity: "pressure",
    units: ["kPa", "psi"],
    note: "inside less outside of the packet"
  }
] : jarSizes(values, s);

// core/catalogue/vacuum/soft-pack/procedure.ts
var shelf26 = [
  { step: "jar", kind: "vessel", shapes: ["bell-jar"], capacity: [1e-4, 0.06] },
  { step: "pump", kind: "pump" }
];
var procedure27 = [
  {
    id: "jar",
    parts: ({ choices }) => [
      "Put ",
      { input: "pack" },
      " (",
      { input: "packGas" },
      " of gas in all) into ",
      { input: "where" },
      ...choices.where === "jar" ? [": a ", { input: "jarKind" }, " of "] : [": "],
      { input: "jarVolume" },
      ", ",
      { input: "jarDiameter" },
      " across, ",
      { input: "jarHeight" },
      " high."
    ]
  },
  {
    id: "pump",
    hazards: ({ choices }) => choices.where === "jar" ? ["glass-under-difference", "burst"] : ["burst"],
    marks: ["sealed"],
    parts: (values) => [
      "Pump with a ",
      ...pumpWords(values),
      " down to ",
      { input: "targetPressure" },
      ", within ",
      { input: "pumpTime" },
      " (on a flight: the cabin\u2019s pressure, and how long the climb takes)."
    ],
    duration: (s) => s.results.timeToPump
  },
  { id: "hold", parts: ["Hold for ", { input: "holdTime" }, "."] },
  { id: "air", parts: ["Let the air back and look again."] }
];
var kit27 = (values) => values.choices.where === "cabin" ? ["sealed packets", "pocket barometer", "camera", "notebook"] : jarKit(values, "packets or marshmallows", "one like it outside the jar to compare");

// core/catalogue/vacuum/soft-pack/drawing.ts
var drawing26 = (values, s, time) => {
  const n = values.numbers;
  const volume = valueAt(s.trace, "packVolume", time);
  const grown = Math.max(0.25, volume / n.packGas);
  const opened2 = s.events.find((e) => e.id === "opens");
  const open = opened2 !== void 0 && time >= opened2.time;
  const base = n.jarDiameter * 0.5;
  const shapes = [];
  const { pack } = values.choices;
  if (pack === "marshmallow") {
    const side = 0.17 * n.jarDiameter * (grown < 1 ? 0.6 + 0.4 * grown : 1 + 0.28 * (grown - 1) / (1 + 0.12 * (grown - 1)));
    for (const [i, x] of [-0.52, 0, 0.52].entries())
      shapes.push({
        kind: "round",
        at: [x * base, side * 0.55 + 4e-3],
        across: side * 1.15,
        high: side * (1 + 0.06 * i),
        stuff: "food"
      });
  } else if (pack === "bubble-wrap") {
    for (let i = 0; i < 7; i++)
      shapes.push({
        kind: "round",
        at: [(i - 3) * base * 0.24, 0.02],
        across: base * 0.22,
        high: base * 0.1 * (1 + 1.6 * (grown - 1)),
        stuff: "rubber",
        opacity: 0.6
      });
    shapes.push({ kind: "body", points: rectangle(-base * 0.9, 0.014, base * 1.8, 4e-3), stuff: "rubber" });
  } else if (pack === "pot") {
    shapes.push({
      kind: "body",
      points: [
        [-base * 0.42, 3e-3],
        [-base * 0.52, base * 0.8],
        [base * 0.52, base * 0.8],
        [base * 0.42, 3e-3]
      ],
      stuff: "card"
    });
    shapes.push({
      kind: "body",
      open: true,
      thick: 3,
      stuff: "metal",
      points: open ? [
        [-base * 0.55, base * 0.8],
        [base * 0.1, base * 1.15]
      ] : [
        [-base * 0.55, base * 0.8],
        [-base * 0.25, base * (0.8 + 0.5 * (grown - 1))],
        [base * 0.25, base * (0.8 + 0.5 * (grown - 1))],
        [base * 0.55, base * 0.8]
      ]
    });
  } else {
    shapes.push({
      kind: "round",
      at: [0, base * 0.75],
      across: base * 1.3,
      high: Math.min(1.4, 0.42 * grown) * base * (open ? 0.3 : 1),
      stuff: "food"
    });
    for (const side of [-1, 1])
      shapes.push({
        kind: "body",
        points: [
          [side * base * 0.62, base * 0.6],
          [side * base * 0.74, base * 0.55],
          [side * base * 0.74, base * 0.95],
          [side * base * 0.62, base * 0.9]
        ],
        stuff: "food"
      });
  }
  const size = said(Math.max(0, volume / n.packGas), "count", "1", "1");
  return jarScene(
    values,
    s,
    time,
    shapes,
    [
      open ? "Open: its gas has gone. " : "",
      "Its gas takes ",
      size,
      " times the room it had; it pushes ",
      kPa(valueAt(s.trace, "packDifference", time)),
      " over its surroundings."
    ],
    values.choices.where !== "cabin"
  );
};

// core/catalogue/vacuum/soft-pack/teaching.ts
var why27 = (values, s) => [
  say`Its gas was shut in at ${asPressure(values.numbers.stationPressure)}. With
    ${asPressure(s.results.finalPressure)} round it, it would take
    ${asTimes(values.numbers.stationPressure / s.results.finalPressure)} the room; skin and stiffness let it have
    ${asTimes(s.results.growth)}.`,
  s.outcome === "opens" ? say`The skin stood ${asPressure(s.results.packDifference)} and gave way.` : s.results.shrunkTo < 0.97 ? say`Meanwhile gas leaked out of it, so with the air back it is only ${asShare(s.results.shrunkTo)} of what
        it was.` : "Hardly any gas left it, so it comes back to its size."
];
var explanation27 = (values, s) => [
  {
    from: 7,
    text: say`There is air hidden in it. When we take away the air outside, the hidden air spreads out and it
      grows ${asTimes(s.results.growth)}.`
  },
  {
    from: 11,
    text: say`Less air outside pushes less. The air inside pushes as before until both
      match${s.results.shrunkTo < 0.97 ? say`; some escapes through the walls, so afterwards it is squashed to ${asShare(s.results.shrunkTo)}` : ""}.`
  },
  {
    from: 14,
    text: say`Boyle: at ${asPressure(s.results.finalPressure)} the same gas wants
      ${asTimes(values.numbers.stationPressure / s.results.finalPressure)} its volume. The skin takes up
      ${asPressure(s.results.packDifference)} of the difference.`
  },
  {
    from: 16,
    text: say`Foam is a network of cells with a modulus of some ${asPressure(3e3)}: its overpressure is small
      against the fall of the pressure, so it follows Boyle until its walls are taut, while gas diffuses out with
      a time constant of ${asTime(values.numbers.leakTime)}. Let back, the room compresses what is left.`
  }
];
var teaching25 = {
  wrongIdea: {
    idea: "The pump blows it up.",
    answer: "Nothing goes in. The same gas takes more room because less presses on it."
  },
  before: [
    "Will it grow, shrink or stay?",
    "Will it be the same afterwards?",
    "Which of these has air shut in: bread, an apple, a marshmallow?"
  ],
  after: ["Why did it end smaller?", "Why does a snack packet bulge on a plane and not burst?"],
  elsewhere: [
    "Packets on a mountain road or in a cabin.",
    "Ears in an aircraft.",
    "Fish brought up from deep water.",
    "Bread dough rising faster at height."
  ]
};

// core/catalogue/vacuum/soft-pack/index.ts
var softPack = defineDemonstration({
  id: "soft-pack",
  name: "Swelling packets",
  summary: "Marshmallows, a snack packet, bubble wrap or a lidded pot as the air round them thins: in a jar, or on a flight.",
  noun: ["packet", "packets"],
  people: { performs: 11, watches: 7 },
  gates: gates27,
  cautions: cautions27,
  afterFailure: afterFailure27,
  gallery: {
    family: "vacuum",
    effect: "Marshmallows grow to several times their size, then end up smaller than they began.",
    topics: ["air pressure", "gas laws", "vacuum", "weather and flight"],
    ages: [7, 16]
  },
  hushWords: { inside: "air left round the packet", strength: "" },
  wanted: "swells",
  columns: [...GAS_COLUMNS, ...COLUMNS20],
  suspects: VACUUM_SUSPECTS,
  simulate: simulate27,
  ledger: jarLedger,
  inputs: inputs27,
  check: check25,
  logged: logged27,
  results: results23,
  outcomes: outcomes26,
  sizes: sizes22,
  shelf: shelf26,
  procedure: procedure27,
  kit: kit27,
  drawing: drawing26,
  why: why27,
  explanation: explanation27,
  teaching: teaching25
});

// core/catalogue/holding/suction-cup/cautions.ts
var gates28 = [
  { step: "lift", text: "Feet clear; a hand\u2019s breadth high at first; nobody under it.", guards: ["load"] }
];
var cautions28 = (values, _s, risk) => applying(
  mayLetGo("The cup", atLeast(risk, "safetyFactor"), values.numbers.loadMass, "lift"),
  liftedByHand(values.numbers.loadMass, 8, LIFT_CHILD, "lift")
);
var afterFailure28 = (_values, _s, _risk, outcome) => [
  standBack("Set the load down; feet clear."),
  pressureOff("Lift one edge of the rim with a fingernail: air goes in."),
  near("Try it on glass: is it the cup or the surface?"),
  next(
    outcome === "later" ? "It leaks: wet rim and surface, and hold it up for less long." : "Wet rim and surface, press harder, straight down; less load."
  )
];

// core/catalogue/holding/suction-cup/simulate.ts
var COLUMNS21 = [
  ...GAS_COLUMNS,
  { id: "lifted", name: "share of the load lifted", quantity: "fraction" },
  { id: "opened", name: "cup pulled open", quantity: "fraction" }
];
var PULL2 = 1;
function simulate28(values, detail) {
  const n = values.numbers;
  const outside = n.stationPressure;
  const temperature = n.airTemperature;
  const area = Math.PI * n.cupDiameter * n.cupDiameter / 4 * n.effectiveArea;
  const pull = n.loadMass * GRAVITY * n.jerk;
  const kept = n.cupVolume * n.airKept;
  const most = n.cupVolume * (1 - n.airKept) * n.opening;
  const atMost2 = pulledCup(outside, kept, most);
  const holding = Math.min((outside - atMost2) * area, n.peelLimit * outside * area);
  const needed2 = pull / area;
  const rows = detail === "trace" ? new TraceRows(COLUMNS21) : void 0;
  const add = (time2, pressure2, amount2, lifted, opened2) => rows?.add(time2, {
    pressure: pressure2,
    gasTemperature: temperature,
    airMass: amount2 / (AIR_GAS_CONSTANT * temperature),
    steamMass: 0,
    lifted,
    opened: opened2
  });
  const amount = outside * kept;
  const fails = holding < pull;
  let goneAt;
  add(0, outside, amount, 0, 0);
  let time = 0;
  let pressure = outside;
  const STEPS4 = 20;
  for (let i = 1; i <= STEPS4 && goneAt === void 0; i++) {
    time = PULL2 * i / STEPS4;
    const wanted = outside - needed2 * i / STEPS4;
    if (pull * i / STEPS4 > holding) goneAt = time;
    else pressure = wanted;
    add(time, pressure, amount, i / STEPS4, Math.min(1, (amount / Math.max(wanted, 1) - kept) / most));
  }
  let leaksFor = Infinity;
  if (!fails) {
    const leak = leakIn(n.leakArea, outside, temperature, pressure);
    leaksFor = leak > 0 ? Math.max(0, (pressure * (kept + most) - amount) / leak) : Infinity;
    const held = Math.min(n.liftTime, leaksFor);
    for (let i = 1; i <= 30; i++) {
      const since = held * i / 30;
      add(
        PULL2 + since,
        pressure,
        amount + leak * since,
        1,
        Math.min(1, ((amount + leak * since) / pressure - kept) / most)
      );
    }
    time = PULL2 + held;
    if (leaksFor < n.liftTime) goneAt = time;
  }
  if (goneAt !== void 0) {
    add(goneAt + 0.01, outside, outside * n.cupVolume, 0, 1);
    add(goneAt + 0.4, outside, outside * n.cupVolume, 0, 1);
  }
  return {
    results: {
      holdingForce: holding,
      pull,
      safetyFactor: holding / pull,
      lowestPressure: pressure,
      peakPressureDifference: outside - pressure,
      mostDifference: outside - atMost2,
      ...!fails && leaksFor < 1e6 && { holdTime: leaksFor },
      ...goneAt !== void 0 && { hush: goneAt }
    },
    events: goneAt === void 0 ? [] : [{ id: "off", name: "comes off", time: goneAt }],
    outcome: fails ? "off" : goneAt !== void 0 ? "later" : "lifts",
    details: {
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      area,
      kept,
      difference: outside - pressure,
      peels: n.peelLimit * outside < outside - atMost2 ? 1 : 0,
      ...goneAt !== void 0 && { goneAt }
    },
    trace: rows && (() => {
      rows.stage("pull", "pulling", Math.min(PULL2, goneAt ?? PULL2));
      rows.stage("hush", "lift", goneAt ?? time);
      rows.stage("after", "drop", goneAt === void 0 ? time : goneAt + 0.4);
      return rows.finish();
    })()
  };
}

// core/catalogue/holding/suction-cup/inputs.ts
var CUPS = {
  plunger: { name: "a drain plunger", across: 0.13, volume: 35e-5, kept: 0.35, opening: 1, peel: 0.45 },
  sheet: { name: "a rubber sheet with a knob", across: 0.22, volume: 26e-5, kept: 0.04, opening: 1, peel: 0.35 },
  hook: { name: "a hook cup", across: 0.055, volume: 9e-6, kept: 0.08, opening: 1, peel: 0.7 }
};
var cup = ({ choices }) => CUPS[choices.cup ?? ""] ?? CUPS.plunger;
var SURFACES2 = {
  "glass": { name: "glass or polished steel", leak: 2e-11 },
  "varnish": { name: "varnished or plastic seat", leak: 15e-10 },
  "wood": { name: "planed bare wood", leak: 6e-7 }
};
var inputs28 = defineInputs([
  ...ROOM_INPUTS,
  {
    id: "cup",
    name: "cup",
    kind: "choice",
    group: "vessel",
    default: "plunger",
    lever: true,
    choices: Object.entries(CUPS).map(([id, { name }]) => ({ id, name }))
  },
  blank("cupDiameter", "inside of its rim", "cm", "vessel", (v) => cup(v).across, [0.01, 0.6], [0.03, 0.3], 0.03),
  blank("cupVolume", "space under it, at rest", "mL", "vessel", (v) => cup(v).volume, [5e-7, 5e-3], [3e-6, 1e-3], 0.1),
  {
    id: "surface",
    name: "on",
    kind: "choice",
    group: "load",
    default: "varnish",
    lever: true,
    choices: Object.entries(SURFACES2).map(([id, { name }]) => ({ id, name }))
  },
  blank("loadMass", "what is lifted", "kg", "load", 5, [0.05, 100], [1, 30], 0.03, { lever: [-2, 3, 10] }),
  blank(
    "liftTime",
    "held up for",
    "s",
    "load",
    10,
    [0.5, 3600],
    [3, 60],
    { shape: "lognormal", relative: 0.2 },
    { lever: [-5, 20] }
  ),
  coefficient(
    "airKept",
    "air left under it when pressed on",
    "%",
    (v) => cup(v).kept,
    [5e-3, 0.95],
    [0.02, 0.6],
    0.25,
    "by the kind of cup; how hard it is pressed; assumption"
  ),
  coefficient(
    "opening",
    "how far the pull opens it again",
    "%",
    (v) => cup(v).opening,
    [0.1, 3],
    [0.5, 1.5],
    0.15,
    "100 %: back to its shape at rest; assumption"
  ),
  coefficient(
    "peelLimit",
    "difference at which its rim peels, of the outside",
    "%",
    (v) => cup(v).peel,
    [0.02, 0.98],
    [0.2, 0.8],
    0.2,
    "a soft rim creeps inwards and folds; assumption"
  ),
  coefficient(
    "effectiveArea",
    "area that holds, of the rim\u2019s",
    "%",
    0.9,
    [0.3, 1],
    [0.7, 1],
    { shape: "uniform", below: 0.1, above: 0.1 },
    "the rim\u2019s own width; assumption"
  ),
  coefficient(
    "jerk",
    "pull against the weight at rest",
    "1",
    1.2,
    [1, 4],
    [1, 2],
    { shape: "triangular", below: 0.15, above: 0.4 },
    "lifted smoothly; assumption"
  ),
  coefficient(
    "leakArea",
    "leak under the rim",
    "mm2",
    (v) => (SURFACES2[v.choices.surface ?? ""] ?? SURFACES2.varnish).leak,
    [0, 1e-5],
    [0, 1e-8],
    0.8,
    "by the surface, wetted; assumption, measure how long it holds"
  )
]);
var check26 = () => [];

// core/catalogue/holding/suction-cup/outcomes.ts
var logged28 = { used: ["loadMass", "surface"], seen: ["hush"] };
var results24 = [
  result("holdingForce", "holds", "N"),
  result("pull", "pull, with the jerk", "N"),
  result("safetyFactor", "holding force over pull", "1"),
  result("lowestPressure", "pressure under the cup", "kPa"),
  result("peakPressureDifference", "greatest pressure difference", "kPa"),
  result("mostDifference", "most this cup can make", "kPa"),
  result("holdTime", "the leak lets it hold for", "s"),
  result("hush", "comes off after", "s", HUSH)
];
var outcomes27 = [
  { id: "lifts", look: "gone", name: "lifts and holds", sentence: "It lifts and holds as long as wanted." },
  { id: "later", look: "partly", name: "lifts, then lets go", sentence: "It lifts, then lets go." },
  { id: "off", look: "nothing", name: "comes off", sentence: "The cup comes off with a pop." }
];
var ledger23 = ({ details: d }) => ({
  moment: "while it is lifted",
  difference: d.difference,
  rows: [{ id: "stretched", cause: "the air it kept, given more room by the pull", pressure: d.difference }]
});
var sizes23 = (values, s) => [
  {
    id: "holdingForce",
    name: "holding force",
    value: s.results.holdingForce,
    quantity: "force",
    units: ["N", "lbf"],
    note: "difference it can make \xD7 area"
  },
  {
    id: "most",
    name: "most any cup of this width could",
    value: values.numbers.stationPressure * s.details.area,
    quantity: "force",
    units: ["N", "lbf"],
    note: "outside pressure \xD7 area"
  }
];

// core/catalogue/holding/suction-cup/procedure.ts
var shelf27 = [];
var procedure28 = [
  {
    id: "press",
    parts: [
      "Wet the rim of ",
      { input: "cup" },
      " (",
      { input: "cupDiameter" },
      " across, ",
      { input: "cupVolume" },
      " under it) and press it hard on ",
      { input: "surface" },
      "."
    ]
  },
  {
    id: "lift",
    hazards: ["load"],
    marks: ["sealed"],
    parts: ["Pull straight up, smoothly: it lifts ", { input: "loadMass" }, " for ", { input: "liftTime" }, "."],
    duration: (s) => s.results.hush
  },
  { id: "off", parts: ["Set it down; lift one edge of the rim with a fingernail: it is off."] }
];
var kit28 = () => [
  "plunger or rubber sheet",
  "wet cloth",
  "stool or small table with a smooth top",
  "mat",
  "spring balance"
];

// core/catalogue/holding/suction-cup/drawing.ts
var drawing27 = (values, s, time) => {
  const n = values.numbers;
  const d = n.cupDiameter;
  const [pressure, lifted, opened2] = ["pressure", "lifted", "opened"].map((c) => valueAt(s.trace, c, time));
  const gone = s.details.goneAt !== void 0 && time > s.details.goneAt + 5e-3;
  const up = lifted >= 1 && !gone ? 0.25 * d : 0;
  const top = 0.9 * d + up;
  const rise = d * (0.16 + 0.24 * Math.max(0, Math.min(1, opened2)));
  const away = gone ? 0.35 * d : 0;
  const shape = arch(0, top + away, d / 2, rise);
  const shapes = [
    { kind: "body", points: rectangle(-d, top - 0.1 * d, 2 * d, 0.1 * d), stuff: "card" },
    { kind: "body", points: rectangle(-0.85 * d, up, 0.1 * d, top - 0.1 * d - up), stuff: "card" },
    { kind: "body", points: rectangle(0.75 * d, up, 0.1 * d, top - 0.1 * d - up), stuff: "card" },
    ...gone ? [] : [{ kind: "gas", points: shape, air: pressure / n.stationPressure, vapour: 0 }],
    { kind: "body", points: shape, stuff: "rubber", open: true, thick: 6 },
    {
      kind: "body",
      points: [
        [0, top + rise + away],
        [0, top + rise + 0.45 * d + away]
      ],
      stuff: "ink",
      open: true,
      thick: 5
    },
    ...gone ? [] : [-0.34, 0.34].map((x) => ({
      kind: "push",
      stuff: "outside-air",
      from: [x * d, top + rise + 0.3 * d],
      to: [x * d, top + rise * 0.75]
    })),
    ...gone ? [] : [-0.3, 0.3].map((x) => ({
      kind: "push",
      stuff: "outside-air",
      from: [x * d, top - 0.42 * d],
      to: [x * d, top - 0.12 * d]
    })),
    { kind: "note", at: [1.15 * d, top + 0.1 * d], anchor: "start", stuff: "ink", said: ["under it ", kPa(pressure)] },
    {
      kind: "note",
      at: [1.15 * d, top + 0.4 * d],
      anchor: "start",
      stuff: "outside-air",
      said: ["outside ", kPa(n.stationPressure)]
    }
  ];
  return {
    frame: { left: -2.2 * d, right: 2.4 * d, bottom: 0, top: 2.25 * d },
    shapes,
    caption: [
      gone ? "Off." : up > 0 ? "Lifted: the room pushes the seat up against the cup." : "Pulled: the little air under it spreads out and pushes less."
    ]
  };
};

// core/catalogue/holding/suction-cup/teaching.ts
var why28 = (values, s) => [
  say`Pressed on, it keeps ${asShare(values.numbers.airKept)} of its air. Pulled, that air gets more room: at most
    ${asPressure(s.results.mostDifference)} less than the room, over ${asLength(values.numbers.cupDiameter)}:
    ${asForce(s.results.holdingForce)}${s.details.peels ? ", where its rim peels." : "."}`,
  s.outcome === "off" ? say`The pull is ${asForce(s.results.pull)}: too much for it.` : s.outcome === "later" ? say`Air creeps in under the rim: it lets go after ${asTime(s.results.holdTime)}. Wet the rim, or a
        smoother top.` : say`The pull is ${asForce(s.results.pull)}.`
];
var explanation28 = (values, s) => [
  {
    from: 7,
    text: "When you press the cup, most of its air goes out. The air in the room then holds it on, like a hand, from above and from below."
  },
  {
    from: 11,
    text: say`It holds ${asForce(s.results.holdingForce)}. Let a little air in under the rim and both sides are
      the same again: it falls off.`
  },
  {
    from: 14,
    text: say`Boyle for the air it kept: ${asShare(values.numbers.airKept)} of the volume at rest, opened out,
      would have ${asPressure(values.numbers.stationPressure - s.results.mostDifference)}. Difference times area
      gives the force.`
  },
  {
    from: 16,
    text: "The cup makes its own vacuum: the harder you pull, the more it opens and the lower the pressure, until the rim peels or it is open as far as it goes. That is why kept air, stiffness of the rim and roughness decide, and not the pull alone."
  }
];
var teaching26 = {
  wrongIdea: {
    idea: "The cup sucks itself on, or it is sticky.",
    answer: "Nothing sticks. With one pinhole the same rubber holds nothing."
  },
  before: ["Why press it first?", "Will it lift a bare plank?"],
  after: ["Who lifts the seat: the cup or the air under the seat?", "Why does wetting help?"],
  elsewhere: ["Hooks on tiles.", "Glaziers\u2019 lifters.", "Limpets and octopus arms.", "Robots that pick up cartons."]
};

// core/catalogue/holding/suction-cup/index.ts
var suctionCup = defineDemonstration({
  id: "suction-cup",
  name: "Lift it by a cup",
  summary: "A plunger or a rubber sheet pressed on a seat or a table lifts it.",
  noun: ["try", "tries"],
  people: { performs: 8, watches: 7 },
  gates: gates28,
  cautions: cautions28,
  afterFailure: afterFailure28,
  gallery: {
    family: "holding",
    effect: "A plunger lifts a stool; somebody lets a corner in, and it drops.",
    topics: ["air pressure", "force and area"],
    ages: [7, 14]
  },
  hushWords: { inside: "air under the cup", strength: "" },
  wanted: "lifts",
  columns: COLUMNS21,
  simulate: simulate28,
  inputs: inputs28,
  check: check26,
  logged: logged28,
  results: results24,
  outcomes: outcomes27,
  ledger: ledger23,
  sizes: sizes23,
  shelf: shelf27,
  procedure: procedure28,
  kit: kit28,
  drawing: drawing27,
  why: why28,
  explanation: explanation28,
  teaching: teaching26
});

// core/catalogue/vacuum/syringe-boil/cautions.ts
var gates29 = [
  { step: "pull", text: "Goggles on; cap screwed tight and pointing at nobody.", guards: ["vacuum"] }
];
var cautions29 = ({ numbers: n }, _s, risk) => applying(
  noNeedles("fill"),
  scald(n.waterTemperature, n.waterVolume, "fill", "Water that squirts from a syringe"),
  snapsBack(atWorst(risk, "pull"), "pull")
);
var afterFailure29 = (_values, _s, _risk, outcome) => [
  standBack("Hold the plunger; nobody looks into the nozzle."),
  pressureOff("Let the plunger back by hand, slowly; then open the cap."),
  near("Is more air in it than before? Then the cap or the plunger leaks: another one."),
  next(
    outcome === "few" ? "Less air left in, or a little warmer water; pull further." : "Less air left in and warmer water: the air alone already pushes harder than this water\u2019s vapour."
  )
];

// core/catalogue/vacuum/syringe-scene.ts
var FLOOR = 0.5;
var syringeShapes = (bore, face, rim, rod) => {
  const half = bore / 2;
  const foot = FLOOR * bore;
  const neck = 0.14 * bore;
  return [
    { kind: "body", points: rectangle(-half, face, bore, 0.25 * bore), stuff: "rubber" },
    { kind: "body", points: rectangle(-0.12 * bore, face + 0.25 * bore, 0.24 * bore, rod), stuff: "card" },
    { kind: "body", points: rectangle(-0.75 * bore, face + 0.25 * bore + rod, 1.5 * bore, 0.12 * bore), stuff: "card" },
    {
      kind: "body",
      points: [
        [-half, rim],
        [-half, foot],
        [-neck, foot],
        [-neck, 0.1 * bore],
        [neck, 0.1 * bore],
        [neck, foot],
        [half, foot],
        [half, rim]
      ],
      stuff: "glass",
      open: true,
      thick: 3
    },
    { kind: "body", points: rectangle(-0.24 * bore, 0, 0.48 * bore, 0.22 * bore), stuff: "ink" }
  ];
};

// core/catalogue/vacuum/syringe-boil/drawing.ts
var drawing28 = (values, s, time) => {
  const n = values.numbers;
  const [pressure, gas, water, boiling, point] = [
    "pressure",
    "drawn",
    "waterTemperature",
    "boiling",
    "boilingPoint"
  ].map((c) => valueAt(s.trace, c, time));
  const half = n.bore / 2;
  const area = s.details.surface;
  const foot = FLOOR * n.bore;
  const level = n.waterVolume / area;
  const face = foot + level + gas / area;
  const rim = foot + n.barrelVolume / area + 0.25 * n.bore;
  const rod = (face - foot) * 0.9 + 1.2 * n.bore;
  const vapour = Math.max(0, pressure - n.stationPressure * n.airLeft / Math.max(gas, n.airLeft));
  const shapes = [
    { kind: "body", points: rectangle(-half, foot, n.bore, level), stuff: "water", opacity: 0.85 },
    {
      kind: "gas",
      points: rectangle(-half, foot + level, n.bore, gas / area),
      air: (pressure - vapour) / n.stationPressure,
      vapour: vapour / n.stationPressure
    },
    ...boiling > 0.5 ? [{ kind: "bubbles", at: [0, foot], wide: 0.9 * n.bore, high: level, count: 12 }] : [],
    ...syringeShapes(n.bore, face, rim, rod),
    ...[-0.31, 0.31].map((x) => ({
      kind: "push",
      stuff: "outside-air",
      from: [x * n.bore, face + 1.35 * n.bore],
      to: [x * n.bore, face + 0.32 * n.bore]
    })),
    { kind: "note", at: [0.9 * n.bore, face], anchor: "start", stuff: "ink", said: ["inside ", kPa(pressure)] },
    {
      kind: "note",
      at: [-0.9 * n.bore, foot + level / 2],
      anchor: "end",
      stuff: "water",
      said: [said(water, "temperature", "degC", "degF")]
    }
  ];
  const top = foot + (level + (n.pullTo - n.waterVolume) / area) * 1.95 + 2.2 * n.bore;
  return {
    frame: { left: -4 * n.bore, right: 4 * n.bore, bottom: 0, top: Math.max(top, rim + n.bore) },
    shapes,
    caption: [
      "The water is at ",
      said(water, "temperature", "degC", "degF"),
      "; at this pressure it boils at ",
      said(point, "temperature", "degC", "degF"),
      boiling > 0.5 ? ": it boils." : "."
    ]
  };
};

// core/catalogue/vacuum/syringe-checks.ts
var MOST_HELD = 150;
var withinMarks = ({ numbers: n }, ...marks) => marks.filter((mark) => n[mark] > n.barrelVolume).map((mark) => ({
  input: mark,
  message: say`given ${asVolume(n[mark], { digits: 4 })}; accepted: at most
        ${asVolume(n.barrelVolume, { digits: 4, toward: "below" })}, its last mark`
}));
function heldByHand({ numbers: n }, difference) {
  const force = difference * Math.PI * n.bore * n.bore / 4;
  if (force <= MOST_HELD) return [];
  const widest = Math.sqrt(4 * MOST_HELD / (Math.PI * difference));
  return [
    {
      input: "bore",
      message: say`given ${asLength(n.bore, { digits: 4 })}; accepted: at most ${asLength(widest, {
        digits: 4,
        toward: "below"
      })},
        or the hand would have to hold ${asForce(force, { digits: 4 })} (more than
        ${asForce(MOST_HELD, { digits: 4, toward: "above" })})`
    }
  ];
}

// core/catalogue/vacuum/syringe-boil/inputs.ts
var inputs29 = defineInputs([
  ...ROOM_INPUTS,
  blank("barrelVolume", "syringe up to its last mark", "mL", "vessel", 6e-5, [1e-6, 3e-4], [1e-5, 15e-5], 0, {
    tells: "vessel"
  }),
  blank("bore", "inside of the barrel", "mm", "vessel", 0.0267, [4e-3, 0.05], [0.01, 0.04], 0.01),
  blank("waterVolume", "water drawn up", "mL", "water", 12e-6, [2e-7, 2e-4], [2e-6, 4e-5], 0.03, {
    lever: [-5e-6, 5e-6]
  }),
  blank(
    "waterTemperature",
    "its temperature",
    "degC",
    "water",
    273.15 + 50,
    [274.15, 273.15 + 65],
    [288.15, 273.15 + 60],
    { shape: "normal", absolute: 1 },
    { lever: [-15, -5, 5] }
  ),
  blank("airLeft", "air left in when the nozzle is shut", "mL", "load", 5e-7, [2e-8, 5e-5], [1e-7, 5e-6], 0.2, {
    lever: [5e-7, 2e-6]
  }),
  blank("pullTo", "plunger drawn out to the mark", "mL", "pump", 5e-5, [1e-6, 3e-4], [1e-5, 15e-5], 0.01, {
    lever: [-1e-5]
  }),
  blank("pullTime", "pulled in", "s", "pump", 1.5, [0.1, 60], [0.5, 10], { shape: "lognormal", relative: 0.2 }),
  blank("holdTime", "held there for", "s", "load", 6, [0.2, 600], [2, 30], { shape: "lognormal", relative: 0.2 }),
  coefficient(
    "boilingOver",
    "pressure over the gas\u2019s that it needs to start",
    "kPa",
    1500,
    [0, 1e4],
    [200, 5e3],
    0.5,
    "scratches in plastic hold air to begin from; clean glass asks for kilopascals; assumption"
  ),
  coefficient(
    "evaporation",
    "how fast a still surface gives off vapour",
    "%",
    1,
    [0.05, 20],
    [0.3, 5],
    0.4,
    "100 %: 3.8e-8 kg/(m2 s Pa), still pools in still air (ASHRAE Handbook HVAC Applications (2019), ch. 6), from memory; thinner air lets more through"
  ),
  coefficient(
    "leakArea",
    "leak of cap and plunger",
    "mm2",
    3e-11,
    [0, 1e-8],
    [0, 1e-9],
    0.9,
    "a good one holds its mark for half a minute; assumption, measure it by letting go slowly: what is left is air"
  )
]);
var check27 = (values) => {
  const n = values.numbers;
  const boiling = saturationTemperature(n.stationPressure);
  const faults = [...withinMarks(values, "pullTo"), ...heldByHand(values, n.stationPressure)];
  if (n.waterTemperature >= boiling) {
    faults.push({
      input: "waterTemperature",
      message: say`given ${asTemperature(n.waterTemperature, { digits: 4 })}; accepted: below
        ${asTemperature(boiling, { digits: 4, toward: "below" })}, where it boils in the open`
    });
  }
  if (n.waterVolume + n.airLeft > 0.95 * n.pullTo) {
    faults.push({
      input: "waterVolume",
      message: say`given ${asVolume(n.waterVolume, { digits: 4 })} with ${asVolume(n.airLeft, { digits: 4 })} of
        air; accepted: together at most ${asVolume(0.95 * n.pullTo, {
        digits: 4,
        toward: "below"
      })}, or there is nothing left to
        pull`
    });
  }
  return faults;
};

// core/catalogue/vacuum/syringe-boil/outcomes.ts
var logged29 = { used: ["waterTemperature", "airLeft", "pullTo"], seen: ["hush", "boilTime"] };
var results25 = [
  result("hush", "pull until it boils", "s", HUSH),
  result("boilTime", "boils for", "s"),
  result("boilPressure", "pressure at which it starts", "kPa"),
  result("lowestPressure", "lowest pressure in the syringe", "kPa"),
  result("finalPressure", "pressure in the syringe at the end", "kPa"),
  result("peakPressureDifference", "greatest pressure difference", "kPa"),
  result("pull", "pull that holds it", "N"),
  result("neededStart", "coldest water that would boil in it", "degC"),
  result("endTemperature", "water at the end", "degC"),
  result("evaporated", "water turned to vapour", "g")
];
var outcomes28 = [
  { id: "boils", look: "gone", name: "boils", sentence: "The warm water boils in the hand." },
  { id: "few", look: "partly", name: "shows a few bubbles", sentence: "A few bubbles rise, then it is still." },
  {
    id: "still",
    look: "nothing",
    name: "does not boil",
    sentence: "The plunger comes out, and the water stays still."
  }
];
var ledger24 = ({ details: d }) => ({
  moment: "while it is held",
  difference: d.difference,
  rows: [
    { id: "stretched", cause: "the little air left in, given more room", pressure: d.difference + d.vapourPressure },
    { id: "steam", cause: "vapour that the water gave off (gives back)", pressure: -d.vapourPressure }
  ]
});
var sizes24 = (values, s) => [
  {
    id: "pull",
    name: "pull of the hand",
    value: s.results.pull,
    quantity: "force",
    units: ["N", "lbf"],
    note: "greatest difference \xD7 bore; friction comes on top"
  },
  {
    id: "most",
    name: "most it could be",
    value: values.numbers.stationPressure * s.details.surface,
    quantity: "force",
    units: ["N", "lbf"],
    note: "outside pressure \xD7 bore"
  }
];

// core/catalogue/vacuum/syringe-boil/procedure.ts
var shelf28 = [];
var procedure29 = [
  {
    id: "fill",
    hazards: ({ numbers: n }) => n.waterTemperature >= TOUCHABLE ? ["scald"] : [],
    parts: [
      "Draw ",
      { input: "waterVolume" },
      " of water at ",
      { input: "waterTemperature" },
      " into a syringe of ",
      { input: "barrelVolume" },
      " (",
      { input: "bore" },
      " inside)."
    ]
  },
  { id: "shut", parts: ["Nozzle up: push the air out but for ", { input: "airLeft" }, ", and screw the cap on."] },
  {
    id: "pull",
    hazards: ["vacuum"],
    marks: ["sealed"],
    parts: ["Pull the plunger out to ", { input: "pullTo" }, " in ", { input: "pullTime" }, ". Look."],
    duration: (s) => s.results.hush
  },
  {
    id: "hold",
    hazards: ["vacuum"],
    parts: ["Hold it there for ", { input: "holdTime" }, ", and watch where the bubbles start."],
    duration: (s) => s.results.boilTime
  },
  { id: "back", parts: ["Let the plunger back by hand: the bubbles are gone, and the little air is what it was."] }
];
var kit29 = () => [
  "syringe without a needle, never used, with a cap that screws on",
  "warm water from the tap or a kettle",
  "thermometer",
  "goggles",
  "tray and towel"
];

// core/mechanisms/pulled-syringe.ts
var drawnVolume = ({ start, drawn, pullTime }, time) => start + (drawn - start) * Math.min(1, Math.max(0, time / pullTime));
function pullSyringe(plan3, tolerance, record) {
  const { outside, room, start, temperature, leakArea, pullTime, holdTime } = plan3;
  const boilPlan = { ...plan3, volume: start };
  const boil = new BoilingUnderPump(boilPlan);
  const state3 = boil.start(temperature, 1);
  const pressureOf = (time2, s) => (s[BOIL.air] + s[BOIL.vapour]) / drawnVolume(plan3, time2);
  const filling = outside * plan3.drawn;
  const system = {
    size: state3.length,
    dependsOnTime: true,
    scale: Float64Array.of(1e-3 * filling, 1e-3 * filling, 1, 1, 1e-8 + 1e-5 * plan3.water, 1e-8 + 1e-5 * plan3.water),
    reference: Float64Array.of(0, 0, temperature, room, 0, 0),
    amounts: [BOIL.air, BOIL.vapour],
    derivatives(time2, s, slope) {
      boilPlan.volume = drawnVolume(plan3, time2);
      const pressure = pressureOf(time2, s);
      slope[BOIL.air] = leakIn(leakArea, outside, room, pressure);
      slope[BOIL.vapour] = 0;
      boil.contents.rates(time2, pressure, s, slope);
    }
  };
  const boils = {
    id: "boils",
    direction: 1,
    stops: true,
    value: (t, s) => boil.superpressure(pressureOf(t, s), s[BOIL.water]) - plan3.over
  };
  const peaks = [{ id: "difference", value: (t, s) => outside - pressureOf(t, s) }];
  const end = pullTime + holdTime;
  let time = 0;
  let lowest = outside;
  let boilsAt;
  let boilPressure;
  while (time < end) {
    const stage = integratorOf(system.size).run(system, state3, time, time < pullTime ? pullTime : end, {
      tolerance,
      firstStep: 0.01 * pullTime,
      events: boil.started ? [] : [boils],
      peaks,
      between: record ? 1 : 0,
      onStep: record && ((t, s) => {
        const pressure = pressureOf(t, s);
        record(t, pressure, s, boil.vigour(pressure, s[BOIL.water]) > 0);
      })
    });
    time = stage.time;
    lowest = Math.min(lowest, outside - stage.peaks.difference.value);
    if (stage.stoppedBy === "boils") {
      boil.started = true;
      boilsAt = time;
      boilPressure = pressureOf(time, state3);
    }
  }
  return { boilsAt, boilPressure, lowest, pressure: pressureOf(end, state3), state: state3 };
}

// core/catalogue/vacuum/syringe-boil/simulate.ts
var COLUMNS22 = [
  ...GAS_COLUMNS,
  { id: "waterTemperature", name: "water", quantity: "temperature" },
  { id: "boilingPoint", name: "boiling point in the syringe", quantity: "temperature" },
  { id: "drawn", name: "gas in the syringe", quantity: "volume" },
  { id: "boiling", name: "boiling (1) or not", quantity: "count" }
];
var SHOWN4 = 0.02;
var FEW2 = 1e-3;
var MOST_BUBBLES2 = 0.98;
var BARREL = 12e-4 * 900 * 1900;
var TRIPLE2 = 612;
function syringePlan({ numbers: n }) {
  const surface = Math.PI * n.bore * n.bore / 4;
  const drawn = n.pullTo - n.waterVolume;
  return {
    outside: n.stationPressure,
    room: n.airTemperature,
    surface,
    glass: Math.PI * n.bore * drawn / surface,
    wallCapacity: BARREL,
    water: n.waterVolume * quickLiquidDensity(n.waterTemperature),
    evaporation: n.evaporation,
    over: n.boilingOver,
    start: n.airLeft,
    drawn,
    pullTime: n.pullTime,
    holdTime: n.holdTime,
    temperature: n.waterTemperature,
    leakArea: n.leakArea
  };
}
function simulate29(values, detail, refinement = 1) {
  const n = values.numbers;
  const plan3 = syringePlan(values);
  const { outside, room, surface, drawn } = plan3;
  const rows = detail === "trace" ? new TraceRows(COLUMNS22) : void 0;
  const times3 = [];
  const bubbles = [];
  const end = pullSyringe(plan3, stepTolerance(detail, refinement), (time, pressure, s, boiling) => {
    times3.push(time);
    bubbles.push(s[BOIL.bubbled]);
    rows?.add(time, {
      pressure,
      gasTemperature: room,
      airMass: s[BOIL.air] / (AIR_GAS_CONSTANT * room),
      steamMass: s[BOIL.vapour] / (WATER_GAS_CONSTANT * room),
      waterTemperature: s[BOIL.water],
      boilingPoint: quickSaturationTemperature(Math.max(TRIPLE2, pressure)),
      drawn: drawnVolume(plan3, time),
      boiling: boiling ? 1 : 0
    });
  });
  const { boilsAt, boilPressure, state: state3 } = end;
  const over2 = n.pullTime + n.holdTime;
  const lastBubble = firstReached(MOST_BUBBLES2 * state3[BOIL.bubbled], times3, bubbles) ?? over2;
  const bubbled = boilPressure === void 0 ? 0 : state3[BOIL.bubbled] * WATER_GAS_CONSTANT * room / (boilPressure * surface);
  const vapour = state3[BOIL.vapour] / drawn;
  return {
    results: {
      ...boilsAt !== void 0 && boilPressure !== void 0 && { hush: boilsAt, boilPressure },
      boilTime: boilsAt === void 0 ? 0 : Math.max(0, lastBubble - boilsAt),
      // Pulled at once, before any vapour comes, the air alone has to leave so little.
      neededStart: quickSaturationTemperature(Math.max(TRIPLE2, outside * plan3.start / drawn + n.boilingOver)),
      lowestPressure: end.lowest,
      finalPressure: end.pressure,
      peakPressureDifference: outside - end.lowest,
      pull: (outside - end.lowest) * surface,
      endTemperature: state3[BOIL.water],
      evaporated: state3[BOIL.given]
    },
    events: boilsAt === void 0 ? [] : [{ id: "boils", name: "boils", time: boilsAt }],
    outcome: bubbled >= SHOWN4 ? "boils" : bubbled >= FEW2 ? "few" : "still",
    details: {
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      difference: outside - end.pressure,
      vapourPressure: vapour,
      surface,
      bubbled,
      capacity: drawn,
      ...boilsAt !== void 0 && { goneAt: boilsAt }
    },
    trace: rows && (() => {
      rows.stage("hush", "pulling", Math.min(boilsAt ?? n.pullTime, over2));
      rows.stage("after", "boiling", over2);
      return rows.finish();
    })()
  };
}

// core/catalogue/vacuum/syringe-boil/teaching.ts
var why29 = (values, s) => {
  const n = values.numbers;
  const alone2 = n.stationPressure * n.airLeft / (n.pullTo - n.waterVolume);
  const lines = [
    say`${asVolume(n.airLeft)} of air, spread out into ${asVolume(n.pullTo - n.waterVolume)}, pushes with
      ${asPressure(alone2)} alone.`
  ];
  lines.push(
    s.results.hush === void 0 ? say`Water at ${asTemperature(n.waterTemperature)} pushes less than that and its start:
        ${asTemperature(s.results.neededStart)} is the coldest that boils in it.` : say`It boils ${asTime(s.results.hush)} into the pull, for ${asTime(s.results.boilTime)}. What it gives off
        pushes in its turn, up to ${asPressure(s.results.finalPressure)}, and slows it down; what turns back to
        water on the cold barrel lets it go on. Pull further, and it boils harder.`
  );
  lines.push(say`The hand holds ${asForce(s.results.pull)}, which the room pushes.`);
  return lines;
};
var WELL_OVER = 8;
var WARMEST = 333.15;
var advice13 = (_values, s) => {
  const warmer = s.results.neededStart + WELL_OVER;
  if (s.outcome === "boils" || warmer > WARMEST) return [];
  return [
    {
      text: say`Water at ${asTemperature(warmer)} is well over the coldest that boils with so much air.`,
      take: { input: "waterTemperature", value: warmer }
    }
  ];
};
var explanation29 = (values, s) => [
  {
    from: 7,
    text: "Water boils when its bubbles can push the air away. When you pull, the air in the syringe pushes less, and bubbles can grow, though the water is only warm."
  },
  {
    from: 11,
    text: say`In the open this water boils near ${asTemperature(373.15)}, because the air presses with
      ${asPressure(values.numbers.stationPressure)}. In the syringe only ${asPressure(s.results.lowestPressure)}
      is left.`
  },
  {
    from: 14,
    text: say`Particles leave warm water all the time. If their vapour pushes harder than the gas above, bubbles
      grow inside the water: it boils. What leaves takes heat along: the water ends at
      ${asTemperature(s.results.endTemperature)}.`
  },
  {
    from: 16,
    text: "Boyle for the air, pV constant; the vapour follows the saturation curve. Boiling begins where the saturation pressure exceeds the total pressure by what bubbles need to start, and ends when air and vapour together reach it again."
  }
];
var teaching27 = {
  wrongIdea: {
    idea: say`The bubbles are air that came in, or water always boils at ${asTemperature(373.15)}.`,
    answer: "Let the plunger back: the bubbles are gone, and the little air is as much as before. They were vapour."
  },
  before: ["Can warm water boil without a stove?", "What will be in the bubbles?"],
  after: ["Why does it boil less the longer it is held?", "Why does it not boil when more air is left in?"],
  elsewhere: [
    "Eggs that take longer on a mountain.",
    "Coffee dried by freezing.",
    "A pump that loses its suction on hot water."
  ]
};

// core/catalogue/vacuum/syringe-boil/index.ts
var syringeBoil = defineDemonstration({
  id: "syringe-boil",
  name: "Boiling in a syringe",
  summary: "Warm water in a stoppered syringe boils when the plunger is pulled.",
  noun: ["pull", "pulls"],
  people: { performs: 11, watches: 7 },
  gallery: {
    family: "vacuum",
    effect: "Warm water boils in the hand, and stops when the plunger goes back.",
    topics: ["boiling", "vapour pressure", "gas laws", "air pressure"],
    ages: [8, 18]
  },
  hushWords: { inside: "air left in", strength: "" },
  wanted: "boils",
  columns: COLUMNS22,
  simulate: simulate29,
  inputs: inputs29,
  check: check27,
  logged: logged29,
  results: results25,
  outcomes: outcomes28,
  ledger: ledger24,
  sizes: sizes24,
  shelf: shelf28,
  procedure: procedure29,
  kit: kit29,
  gates: gates29,
  cautions: cautions29,
  afterFailure: afterFailure29,
  drawing: drawing28,
  why: why29,
  advice: advice13,
  explanation: explanation29,
  teaching: teaching27
});

// core/catalogue/vacuum/syringe-marshmallow/cautions.ts
var gates30 = [
  { step: "move", text: "Goggles on; cap screwed tight and pointing at nobody.", guards: ["vacuum", "pressure"] }
];
var cautions30 = ({ choices }, _s, risk) => applying(
  noNeedles("fill"),
  choices.way === "in" ? capFliesOff(atWorst(risk, "peakPressureDifference"), "move") : snapsBack(atWorst(risk, "hold"), "move"),
  noFood("What was in a syringe is no food any more.", "off")
);
var afterFailure30 = ({ choices }) => [
  standBack("Hold the plunger; the cap points at nobody."),
  pressureOff("Let the plunger back by hand, slowly; then unscrew the cap."),
  near("Is the marshmallow old and hard, or does the cap leak?"),
  next(
    choices.way === "in" ? "A fresh one, and further in." : "A fresh one, less air round it at the start, further out."
  )
];

// core/catalogue/vacuum/syringe-marshmallow/drawing.ts
var drawing29 = (values, s, time) => {
  const n = values.numbers;
  const [pressure, foam, barrel] = ["pressure", "foam", "barrel"].map((c) => valueAt(s.trace, c, time));
  const { area } = s.details;
  const half = n.bore / 2;
  const foot = FLOOR * n.bore;
  const face = foot + barrel / area;
  const rim = foot + n.barrelVolume / area + 0.25 * n.bore;
  const rod = n.barrelVolume / area * 0.9 + 0.9 * n.bore;
  const wide = Math.min(0.98 * n.bore, cubeRoot(4 * foam / Math.PI));
  const high = 4 * foam / (Math.PI * wide * wide);
  const shapes = [
    {
      kind: "gas",
      points: rectangle(-half, foot, n.bore, barrel / area),
      air: Math.min(1, pressure / n.stationPressure),
      vapour: 0
    },
    { kind: "body", points: rectangle(-wide / 2, foot, wide, high), stuff: "food" },
    ...syringeShapes(n.bore, face, rim, rod),
    { kind: "note", at: [0.9 * n.bore, face], anchor: "start", stuff: "ink", said: ["inside ", kPa(pressure)] },
    {
      kind: "note",
      at: [-0.9 * n.bore, foot + high / 2],
      anchor: "end",
      stuff: "ink",
      said: [said(foam, "volume", "mL", "floz")]
    }
  ];
  const top = foot + n.barrelVolume / area + rod + 0.5 * n.bore;
  return {
    frame: { left: -4 * n.bore, right: 4 * n.bore, bottom: 0, top: Math.max(top, rim + n.bore) },
    shapes,
    caption: [
      pressure < 0.97 * n.stationPressure ? "The air round it pushes less: the gas in it takes more room." : pressure > 1.03 * n.stationPressure ? "The air round it pushes harder: the gas in it takes less room." : "Inside as outside."
    ]
  };
};

// core/catalogue/vacuum/syringe-marshmallow/inputs.ts
var MOST_PRESS = 1e5;
var inputs30 = defineInputs([
  ...ROOM_INPUTS,
  {
    id: "way",
    name: "plunger",
    kind: "choice",
    group: "pump",
    default: "out",
    lever: true,
    choices: [
      { id: "out", name: "pulled out" },
      { id: "in", name: "pushed in" }
    ]
  },
  blank("barrelVolume", "syringe up to its last mark", "mL", "vessel", 6e-5, [5e-6, 3e-4], [2e-5, 15e-5], 0, {
    tells: "vessel"
  }),
  blank("bore", "inside of the barrel", "mm", "vessel", 0.0267, [8e-3, 0.05], [0.015, 0.04], 0.01),
  blank("foamVolume", "marshmallow", "mL", "load", 35e-7, [2e-7, 6e-5], [1e-6, 12e-6], 0.1),
  blank(
    "shutAt",
    "mark when the nozzle is shut",
    "mL",
    "vessel",
    ({ choices }) => choices.way === "in" ? 5e-5 : 15e-6,
    [2e-6, 3e-4],
    [6e-6, 1e-4],
    0.01
  ),
  blank(
    "moveTo",
    "mark it is moved to",
    "mL",
    "pump",
    ({ choices }) => choices.way === "in" ? 27e-6 : 55e-6,
    [2e-6, 3e-4],
    [6e-6, 15e-5],
    0.01,
    { lever: [-5e-6, 5e-6] }
  ),
  blank("moveTime", "moved in", "s", "pump", 1.5, [0.1, 60], [0.5, 10], { shape: "lognormal", relative: 0.2 }),
  blank("holdTime", "held there for", "s", "load", 5, [0.1, 600], [1, 60], { shape: "lognormal", relative: 0.2 }),
  coefficient(
    "gasShare",
    "gas in the marshmallow",
    "%",
    0.62,
    [0.1, 0.95],
    [0.4, 0.8],
    { shape: "normal", relative: 0.08 },
    "a marshmallow weighs about half as much as water, sugar syrup a third more than water; assumption, weigh one"
  ),
  coefficient(
    "roomToGrow",
    "times its gas when it is taut",
    "1",
    3.6,
    [1.05, 8],
    [2, 5],
    0.12,
    "assumption, measured by letting one swell until it grows no more"
  ),
  coefficient(
    "foamStiffness",
    "stiffness before it is taut",
    "kPa",
    2500,
    [10, 1e5],
    [500, 1e4],
    0.3,
    "soft foam some kPa (Gibson & Ashby, Cellular Solids, 2nd ed., ch. 5, order of magnitude)"
  ),
  coefficient(
    "leakTime",
    "time in which its gas would seep out",
    "s",
    45,
    [1, 1e5],
    [10, 200],
    0.5,
    "a swollen marshmallow sinks within a minute or so; assumption"
  ),
  coefficient(
    "leakArea",
    "leak of cap and plunger",
    "mm2",
    3e-11,
    [0, 1e-8],
    [0, 1e-9],
    0.9,
    "a good one holds its mark for half a minute; assumption"
  )
]);
var check28 = (values) => {
  const { numbers: n, choices } = values;
  const solid = n.foamVolume * (1 - n.gasShare);
  const press = n.stationPressure * ((n.shutAt - solid) / Math.max(n.moveTo - solid, 1e-9) - 1);
  const faults = [...withinMarks(values, "shutAt", "moveTo"), ...heldByHand(values, Math.abs(press))];
  if (n.foamVolume > 0.5 * n.shutAt) {
    faults.push({
      input: "foamVolume",
      message: say`given ${asVolume(n.foamVolume, { digits: 4 })}; accepted: at most
        ${asVolume(0.5 * n.shutAt, { digits: 4, toward: "below" })}, half of the mark`
    });
  }
  if (choices.way === "out" ? under(n.moveTo, 1.05 * n.shutAt) : over(n.moveTo, 0.95 * n.shutAt)) {
    faults.push({
      input: "moveTo",
      message: say`given ${asVolume(n.moveTo, { digits: 4 })}; accepted:
        ${choices.way === "out" ? say`at least ${asVolume(1.05 * n.shutAt, { digits: 4, toward: "above" })}` : say`at most ${asVolume(0.95 * n.shutAt, { digits: 4, toward: "below" })}`}, some way from where the nozzle is shut`
    });
  }
  if (choices.way === "in" && press > MOST_PRESS) {
    const least = solid + n.stationPressure * (n.shutAt - solid) / (n.stationPressure + MOST_PRESS);
    faults.push({
      input: "moveTo",
      message: say`given ${asVolume(n.moveTo, { digits: 4 })}; refused: that makes
        ${asPressure(press, { digits: 4 })} over the room, and a cap may fly off at anybody; accepted: at least
        ${asVolume(least, { digits: 4, toward: "above" })}`
    });
  }
  return faults;
};

// core/catalogue/vacuum/syringe-marshmallow/outcomes.ts
var logged30 = { used: ["foamVolume", "shutAt", "moveTo"], seen: ["size", "sizeAfter"] };
var results26 = [
  result("size", "its size then, against before", "%"),
  result("sizeAfter", "its size when let back", "%"),
  result("extremePressure", "pressure in the syringe then", "kPa"),
  result("peakPressureDifference", "greatest pressure difference", "kPa"),
  result("hold", "push or pull that holds it", "N"),
  result("hush", "until it is moved", "s", HUSH)
];
var outcomes29 = [
  { id: "changes", look: "gone", name: "changes size", sentence: "The marshmallow changes its size for all to see." },
  { id: "little", look: "nothing", name: "hardly changes", sentence: "The marshmallow looks much as before." }
];
var ledger25 = ({ details: d }) => ({
  moment: "with the plunger moved",
  difference: d.difference,
  rows: [
    { id: "moved", cause: "the gas in the syringe, given more room or less by the plunger", pressure: d.difference }
  ]
});
var sizes25 = (_values, s) => [
  {
    id: "hold",
    name: "what the hand holds",
    value: s.results.hold,
    quantity: "force",
    units: ["N", "lbf"],
    note: "difference \xD7 bore; friction comes on top"
  }
];

// core/catalogue/vacuum/syringe-marshmallow/procedure.ts
var shelf29 = [];
var procedure30 = [
  {
    id: "fill",
    parts: [
      "Put a marshmallow of ",
      { input: "foamVolume" },
      " into a syringe of ",
      { input: "barrelVolume" },
      " (",
      { input: "bore" },
      " inside), a face drawn on it."
    ]
  },
  { id: "shut", parts: ["Plunger to ", { input: "shutAt" }, ", and screw the cap on."] },
  {
    id: "move",
    hazards: ({ choices }) => choices.way === "in" ? ["pressure"] : ["vacuum"],
    marks: ["sealed"],
    parts: ["Plunger ", { input: "way" }, " to ", { input: "moveTo" }, " in ", { input: "moveTime" }, ". Look."],
    duration: (s) => s.results.hush
  },
  { id: "hold", parts: ["Hold it there for ", { input: "holdTime" }, "; then let it back by hand."] },
  { id: "off", parts: ["Cap off; the marshmallow goes into the bin."] }
];
var kit30 = () => [
  "syringe without a needle, never used, with a cap that screws on",
  "small marshmallows",
  "food pen for a face",
  "goggles"
];

// core/mechanisms/foam-in-syringe.ts
var FOAM = { air: 0, inside: 1 };
var LEAST_FREE = 0.02;
function barrelAt({ start, moved: moved2, moveTime, holdTime }, time) {
  const out = Math.min(1, Math.max(0, time / moveTime));
  const back = Math.min(1, Math.max(0, (time - moveTime - holdTime) / moveTime));
  return start + (moved2 - start) * (out - back);
}
function squeezeFoam(plan3, tolerance, record) {
  const { outside, room, foam, leakTime, solid, start, moveTime, holdTime, leakArea } = plan3;
  const state3 = Float64Array.of(outside * (start - solid - foam.rest), outside * foam.rest);
  const pressureAt = (time2, s) => {
    const barrel = barrelAt(plan3, time2);
    const free = (p) => Math.max(LEAST_FREE * barrel, barrel - solid - packVolume(foam, s[FOAM.inside], p));
    return pressureWithSwelling(s[FOAM.air], 0, outside, free);
  };
  const system = {
    size: 2,
    dependsOnTime: true,
    scale: Float64Array.of(0.02 * outside * start, 0.02 * outside * foam.rest),
    amounts: [FOAM.air, FOAM.inside],
    derivatives(time2, s, slope) {
      const pressure = pressureAt(time2, s);
      const gas = packVolume(foam, s[FOAM.inside], pressure);
      const out = leaking(s[FOAM.inside], leakTime, s[FOAM.inside] / gas - pressure, pressure);
      slope[FOAM.inside] = -out;
      slope[FOAM.air] = out + leakIn(leakArea, outside, room, pressure);
    }
  };
  const growth = (time2, s) => packVolume(foam, s[FOAM.inside], pressureAt(time2, s)) / foam.rest;
  const peaks = [
    { id: "growth", value: growth },
    { id: "shrinking", value: (t, s) => -growth(t, s) },
    { id: "pressure", value: pressureAt },
    { id: "vacuum", value: (t, s) => -pressureAt(t, s) }
  ];
  let [largest, smallest, lowest, highest] = [0, Infinity, Infinity, 0];
  let time = 0;
  for (const end of [moveTime, moveTime + holdTime, 2 * moveTime + holdTime]) {
    const stage = integratorOf(2).run(system, state3, time, end, {
      tolerance,
      firstStep: 0.02 * moveTime,
      peaks,
      between: record ? 1 : 0,
      onStep: record && ((t, s) => {
        const pressure = pressureAt(t, s);
        record(t, pressure, packVolume(foam, s[FOAM.inside], pressure), s);
      })
    });
    time = stage.time;
    largest = Math.max(largest, stage.peaks.growth.value);
    smallest = Math.min(smallest, -stage.peaks.shrinking.value);
    highest = Math.max(highest, stage.peaks.pressure.value);
    lowest = Math.min(lowest, -stage.peaks.vacuum.value);
  }
  return { largest, smallest, after: growth(time, state3), lowest, highest };
}

// core/catalogue/vacuum/syringe-marshmallow/simulate.ts
var COLUMNS23 = [
  ...GAS_COLUMNS,
  { id: "foam", name: "marshmallow", quantity: "volume" },
  { id: "barrel", name: "inside of the barrel", quantity: "volume" }
];
var SEEN8 = 0.25;
function foamPlan({ numbers: n }) {
  const rest = n.foamVolume * n.gasShare;
  return {
    outside: n.stationPressure,
    room: n.airTemperature,
    foam: { rest, taut: rest * n.roomToGrow, stiffness: n.foamStiffness },
    leakTime: n.leakTime,
    solid: n.foamVolume - rest,
    start: n.shutAt,
    moved: n.moveTo,
    moveTime: n.moveTime,
    holdTime: n.holdTime,
    leakArea: n.leakArea
  };
}
function simulate30(values, detail, refinement = 1) {
  const n = values.numbers;
  const plan3 = foamPlan(values);
  const { outside, room, solid, foam } = plan3;
  const rows = detail === "trace" ? new TraceRows(COLUMNS23) : void 0;
  const whole = (gas) => (solid + gas * foam.rest) / n.foamVolume;
  const end = squeezeFoam(
    plan3,
    stepTolerance(detail, refinement),
    rows && ((time, pressure, gas, s) => rows.add(time, {
      pressure,
      gasTemperature: room,
      airMass: s[FOAM.air] / (AIR_GAS_CONSTANT * room),
      steamMass: 0,
      foam: solid + gas,
      barrel: barrelAt(plan3, time)
    }))
  );
  const out = values.choices.way === "out";
  const size = whole(out ? end.largest : end.smallest);
  const extreme = out ? end.lowest : end.highest;
  const area = Math.PI * n.bore * n.bore / 4;
  const over2 = 2 * n.moveTime + n.holdTime;
  return {
    results: {
      size,
      sizeAfter: whole(end.after),
      extremePressure: extreme,
      peakPressureDifference: Math.abs(outside - extreme),
      hold: Math.abs(outside - extreme) * area,
      hush: n.moveTime
    },
    events: [{ id: "moved", name: out ? "pulled out" : "pushed in", time: n.moveTime }],
    outcome: Math.abs(size - 1) >= SEEN8 ? "changes" : "little",
    details: {
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      difference: outside - extreme,
      area,
      capacity: Math.max(n.shutAt, n.moveTo),
      goneAt: n.moveTime
    },
    trace: rows && (() => {
      rows.stage("hush", out ? "pulling" : "pushing", n.moveTime);
      rows.stage("hold", "holding", n.moveTime + n.holdTime);
      rows.stage("after", "letting back", over2);
      return rows.finish();
    })()
  };
}

// core/catalogue/vacuum/syringe-marshmallow/teaching.ts
var why30 = (values, s) => {
  const n = values.numbers;
  const { size, sizeAfter } = s.results;
  return [
    say`From ${asVolume(n.shutAt)} to ${asVolume(n.moveTo)} the air in the syringe comes to
      ${asPressure(s.results.extremePressure)}. The gas in the marshmallow is ${asShare(n.gasShare)} of it; there
      it is ${asShare(size)} of its size.`,
    sizeAfter < 0.97 ? say`Some of its gas seeped out on the way: let back it is only ${asShare(sizeAfter)} of what it was.` : "Let back, it is about what it was.",
    say`The hand holds ${asForce(s.results.hold)}.`
  ];
};
var explanation30 = (values, s) => [
  {
    from: 7,
    text: "A marshmallow is full of tiny bubbles of air. When you pull, the air round it spreads out and pushes less, and the bubbles grow. When you push, they shrink."
  },
  {
    from: 11,
    text: say`The plunger changes the room that the air has, and with it how hard the air pushes. The air locked
      into the marshmallow follows: it comes to ${asShare(s.results.size)} of its size.`
  },
  {
    from: 14,
    text: say`Boyle’s law twice: for the air round it, which goes from
      ${asPressure(values.numbers.stationPressure)} to ${asPressure(s.results.extremePressure)}, and for the gas
      inside, whose walls hold a little against it.`
  },
  {
    from: 16,
    text: "At one temperature p V stays for each amount of gas: p (V \u2212 V_solid \u2212 V_foam(p)) for the air, and (p + skin) V_foam for the foam. The skin pushes back in proportion to the stretch, and steeply once it is taut."
  }
];
var teaching28 = {
  wrongIdea: {
    idea: "The marshmallow is sucked apart.",
    answer: "Nothing pulls at it. The air in its own bubbles pushes it out, once less pushes back."
  },
  before: ["What is inside a marshmallow?", "What happens if I push instead?"],
  after: ["Would it be smaller afterwards if it were held for minutes?", "Would a sweet without bubbles grow?"],
  elsewhere: ["A snack packet on a mountain.", "A diver\u2019s lungs on the way up.", "A balloon that climbs."]
};
var variants5 = (values) => {
  const { shutAt, moveTo } = values.numbers;
  return sideBySide(
    "How far it is moved",
    values,
    simulate30,
    ["size", "extremePressure", "hold"],
    [0.5, 0.75, 1].map((share) => ({
      name: say`to ${asVolume(shutAt + share * (moveTo - shutAt))}`,
      numbers: { moveTo: shutAt + share * (moveTo - shutAt) }
    }))
  );
};

// core/catalogue/vacuum/syringe-marshmallow/index.ts
var syringeMarshmallow = defineDemonstration({
  id: "syringe-marshmallow",
  name: "Marshmallow in a syringe",
  summary: "A marshmallow in a stoppered syringe swells when the plunger is pulled and shrinks when it is pushed.",
  noun: ["marshmallow", "marshmallows"],
  people: { performs: 7, watches: 6 },
  gallery: {
    family: "vacuum",
    effect: "A marshmallow with a face swells up, or shrivels, as the plunger goes.",
    topics: ["gas laws", "air pressure", "particle model"],
    ages: [6, 16]
  },
  hushWords: { inside: "air round it", strength: "" },
  wanted: "changes",
  columns: COLUMNS23,
  simulate: simulate30,
  inputs: inputs30,
  check: check28,
  logged: logged30,
  results: results26,
  outcomes: outcomes29,
  ledger: ledger25,
  sizes: sizes25,
  shelf: shelf29,
  procedure: procedure30,
  kit: kit30,
  gates: gates30,
  cautions: cautions30,
  afterFailure: afterFailure30,
  drawing: drawing29,
  why: why30,
  explanation: explanation30,
  teaching: teaching28,
  variants: variants5
});

// core/catalogue/motion/vacuum-cannon/cautions.ts
var gates31 = [
  {
    step: "load",
    text: "Before anything is loaded or pumped: backstop up, line of fire closed and empty to the wall, doors watched; tube looked over for cracks; eye and ear protection on.",
    guards: ["projectile", "vacuum"]
  },
  { step: "fire", text: "Nobody forward of the muzzle, doors still watched. Count down aloud.", guards: [] }
];
var cautions31 = (values, _s, risk) => applying(
  projectile("the ball", atWorst(risk, "muzzleSpeed"), atWorst(risk, "reach"), atWorst(risk, "energy"), "load"),
  shatters(atWorst(risk, "energy"), "load"),
  {
    id: "implosion",
    step: "pump",
    severity: "usual",
    covers: ["vacuum", "glass-under-difference"],
    hazard: "A cracked or glued tube gives way while it is pumped.",
    control: "Pipe made for pressure, no glass, no cracks; nobody beside it while it is pumped; goggles."
  },
  isDriven(values) ? usualPump("pump") : void 0,
  // How loud it is is not worked out: it counts as loud.
  {
    id: "bang",
    step: "fire",
    severity: "raised",
    covers: [],
    hazard: "A bang louder than a shout; how loud is not worked out here.",
    control: "Say so beforehand; ear protection for everybody in the room; who startles badly, or wears a hearing aid, outside."
  }
);
var afterFailure31 = (_values, _s, _risk, outcome) => [
  standBack("Nobody walks in front: treat it as loaded, for as long as there is foil on it."),
  pressureOff("Let air in through the valve at the pump, from behind, until the gauge stands at nought."),
  near("Foil off at the back first. Foil, tape and ball: look for the leak."),
  next(
    outcome === "slow" ? "A better vacuum, or a ball that fits more closely." : "A tighter foil and a ball that runs freely."
  )
];

// core/mechanisms/ball-in-tube.ts
var soundSpeed = (temperature) => Math.sqrt(AIR_GAMMA * AIR_GAS_CONSTANT * temperature);
function behind(pressure, speed, sound) {
  const rest = 1 - (AIR_GAMMA - 1) / 2 * speed / sound;
  return rest > 0 ? pressure * integerPower(rest, 7) : 0;
}
var DARCY = 0.013;
var MEAN_SQUARE = 1 / 3;
function columnFriction(outside, speed, sound, length2, tube, temperature) {
  const pressure = behind(outside, speed, sound);
  const density = outside / (AIR_GAS_CONSTANT * temperature) * (0.5 + 0.5 * pressure / outside);
  return Math.min(0.95 * pressure, DARCY * length2 / tube * 0.5 * density * speed * speed * MEAN_SQUARE);
}
function ahead(pressure, speed, sound) {
  const m = speed / sound;
  const k = (AIR_GAMMA + 1) / 4;
  return pressure * (1 + AIR_GAMMA * k * m * m + AIR_GAMMA * m * Math.sqrt(1 + k * k * m * m));
}
function lumpedSpeed(shot, x) {
  const area = Math.PI * shot.tube * shot.tube / 4;
  const line = shot.outside / (AIR_GAS_CONSTANT * shot.temperature) * area;
  return Math.sqrt(shot.outside * area * (2 * shot.mass * x + line * x * x)) / (shot.mass + line * x);
}
var GAP_CONTRACTION2 = 0.6;
var LAST2 = 0.05;
var LONGEST6 = 10;
var [PLACE2, SPEED2, FRONT] = [0, 1, 2];
function shoot(shot, tolerance, onStep) {
  const { mass, ball, tube, length: length2, outside, residual, temperature, friction } = shot;
  const sound = soundSpeed(temperature);
  const ballArea2 = Math.PI * ball * ball / 4;
  const section = Math.PI * tube * tube / 4;
  const gap = Math.max(0, section - ballArea2);
  const rub = friction * mass * GRAVITY;
  const rearAt = (s) => behind(outside, s[SPEED2], sound) - columnFriction(outside, s[SPEED2], sound, s[PLACE2], tube, temperature);
  const faceAt = (s, rear) => Math.min(rear * 4, ahead(s[FRONT], s[SPEED2], sound));
  const state3 = Float64Array.of(0, 0, residual);
  if ((outside - residual) * ballArea2 <= rub) return { speed: 0, time: Infinity };
  const { time, stoppedBy } = integratorOf(3).run(
    {
      size: 3,
      scale: Float64Array.of(0.05 * length2, 1, 0.01 * outside),
      derivatives(_time, s, slope) {
        const rear = rearAt(s);
        const face = faceAt(s, rear);
        slope[PLACE2] = s[SPEED2];
        slope[SPEED2] = ((rear - face) * ballArea2 - rub) / mass;
        slope[FRONT] = nozzleFlow(GAP_CONTRACTION2 * gap, rear, temperature, face) * AIR_GAS_CONSTANT * temperature / (Math.max(length2 - s[PLACE2], LAST2 * length2) * section);
      }
    },
    state3,
    0,
    LONGEST6,
    {
      tolerance,
      firstStep: 1e-4,
      between: onStep ? 2 : 0,
      onStep: onStep && ((t, s) => {
        const rear = rearAt(s);
        onStep(t, s[PLACE2], s[SPEED2], rear, faceAt(s, rear));
      }),
      events: [
        { id: "muzzle", direction: 1, stops: true, value: (_, s) => s[PLACE2] - length2 },
        { id: "stops", direction: -1, stops: true, value: (_, s) => s[SPEED2] }
      ]
    }
  );
  return stoppedBy === "muzzle" ? { speed: state3[SPEED2], time } : { speed: 0, time: Infinity };
}

// core/catalogue/motion/vacuum-cannon/simulate.ts
var COLUMNS24 = [
  ...GAS_COLUMNS,
  { id: "place", name: "ball along the tube", quantity: "length" },
  { id: "speed", name: "speed", quantity: "speed" },
  { id: "behind", name: "pressure behind", quantity: "pressure" },
  { id: "ahead", name: "pressure ahead", quantity: "pressure" }
];
var tubeVolume = ({ numbers: n }) => Math.PI / 4 * n.tubeDiameter * n.tubeDiameter * n.tubeLength;
function simulate31(values, detail, refinement = 1) {
  const n = values.numbers;
  const outside = n.stationPressure;
  const temperature = n.airTemperature;
  const rows = detail === "trace" ? new TraceRows(COLUMNS24) : void 0;
  const volume = tubeVolume(values);
  const density = outside / (AIR_GAS_CONSTANT * temperature);
  const gas = (p) => ({
    pressure: p,
    gasTemperature: temperature,
    airMass: p * volume / (AIR_GAS_CONSTANT * temperature),
    steamMass: 0
  });
  const tolerance = stepTolerance(detail, refinement);
  const pumped = pumpDown(
    {
      pump: pumpOf(values),
      outside,
      temperature,
      leakArea: n.leakArea,
      pressure: (held, beside) => held / (volume + beside)
    },
    Float64Array.of(outside * volume),
    {
      tolerance,
      longest: n.pumpTime,
      onStep: rows && ((t, p) => {
        rows.add(t, { ...gas(p), place: 0, speed: 0, behind: p, ahead: p });
      }),
      events: [{ id: "target", direction: -1, stops: true, value: (_, p) => p - n.targetPressure }]
    }
  );
  const shot = {
    mass: n.ballMass,
    ball: n.ballDiameter,
    tube: n.tubeDiameter,
    length: n.tubeLength,
    outside: outside * n.inrush,
    residual: pumped.pressure,
    temperature,
    friction: n.friction
  };
  const start = pumped.time;
  let last = start;
  const { speed, time } = shoot(
    shot,
    tolerance,
    rows && ((t, place, v, behind2, front) => {
      last = start + t;
      rows.add(last, { ...gas(front), pressure: front, place, speed: v, behind: behind2, ahead: front });
    })
  );
  const flyer = { mass: n.ballMass, area: ballArea(n.ballDiameter), drag: BALL_DRAG, density };
  const reach2 = speed > 0 ? longestReach(flyer, speed, n.muzzleHeight) : 0;
  const energy = n.ballMass * speed * speed / 2;
  const difference = outside - pumped.pressure;
  return {
    results: {
      muzzleSpeed: speed,
      ...speed > 0 && { hush: time, flightTime: time },
      energy,
      reach: reach2,
      exclusion: Math.ceil(reach2 + 2),
      timeToPump: pumped.time,
      ...!isDriven(values) && { strokes: pumped.strokes },
      finalPressure: pumped.pressure,
      peakPressureDifference: difference,
      foilForce: difference * Math.PI * n.tubeDiameter * n.tubeDiameter / 4,
      lumpedSpeed: lumpedSpeed({ ...shot, outside, residual: 0 }, n.tubeLength)
    },
    events: [
      { id: "pierced", name: "foil pierced", time: start },
      ...speed > 0 ? [{ id: "muzzle", name: "leaves", time: start + time }] : []
    ],
    outcome: speed <= 1 ? "stuck" : speed >= n.wantedSpeed ? "fast" : "slow",
    details: {
      stationPressure: outside,
      sealing: start,
      timeOfLifting: 0,
      difference,
      ...speed > 0 && { goneAt: start + time }
    },
    trace: rows && (() => {
      rows.stage("pump", "pumping", start);
      if (speed <= 0) last += 0.05;
      rows.stage("hush", "flight", last);
      if (speed <= 0) rows.add(last, { ...gas(outside), place: 0, speed: 0, behind: outside, ahead: outside });
      return rows.finish();
    })()
  };
}

// core/catalogue/motion/vacuum-cannon/inputs.ts
var inputs31 = defineInputs([
  ...ROOM_INPUTS,
  blank("tubeLength", "tube", "m", "vessel", 1.8, [0.2, 8], [0.8, 3], 5e-3, { lever: [-0.6, 0.7] }),
  blank("tubeDiameter", "inside across", "mm", "vessel", 0.0405, [0.01, 0.15], [0.03, 0.06], 3e-3),
  blank("ballDiameter", "ball across", "mm", "load", 0.04, [5e-3, 0.15], [0.03, 0.05], 2e-3),
  blank("ballMass", "ball", "g", "load", 27e-4, [3e-4, 0.1], [1e-3, 0.01], 0.01),
  pumpChoice("two-stage"),
  ...PUMP_INPUTS,
  target(300, [-200, 2e3, 1e4]),
  pumpingTime(180),
  blank("muzzleHeight", "muzzle over the floor", "m", "load", 1, [0, 5], [0.5, 2], 0.02),
  blank("wantedSpeed", "fast enough from", "m/s", "load", 150, [5, 330], [50, 250], 0),
  LEAK,
  coefficient(
    "inrush",
    "push behind the ball, against the simple expansion wave",
    "%",
    1,
    [0.3, 3],
    [0.7, 1.8],
    { shape: "triangular", below: 0.3, above: 1.3 },
    "published models differ: at 1.8 m 249 m/s for a lumped mass (Ayars & Buchholtz 2004), 266 to 272 for the wave, 310 to 324 for one-dimensional gas dynamics, where compression behind the ball helps; what is left of the foil takes some away; measure one shot"
  ),
  coefficient(
    "friction",
    "rubbing, against the ball\u2019s weight",
    "1",
    0.5,
    [0, 50],
    [0, 5],
    0.5,
    "a ball that rolls and bounces; small against a hundred newtons of push; assumption"
  )
]);
var check29 = ({ numbers: n }) => over(n.ballDiameter, n.tubeDiameter) ? [
  {
    input: "ballDiameter",
    message: say`given ${asLength(n.ballDiameter, { digits: 4 })}; accepted: at most the tube,
            ${asLength(n.tubeDiameter, { digits: 4, toward: "below" })}`
  }
] : [];

// core/catalogue/motion/vacuum-cannon/outcomes.ts
var logged31 = {
  used: ["targetPressure", "tubeLength"],
  seen: ["muzzleSpeed", "finalPressure", "timeToPump"]
};
var results27 = [
  result("muzzleSpeed", "leaves at", "m/s"),
  result("hush", "foil to muzzle", "s", HUSH),
  result("energy", "energy of the ball", "J"),
  result("reach", "could fly", "m"),
  result("exclusion", "keep clear", "m"),
  result("timeToPump", "time at the pump", "s"),
  result("strokes", "strokes", "1"),
  result("finalPressure", "pressure in the tube", "kPa"),
  result("peakPressureDifference", "greatest pressure difference", "kPa"),
  result("foilForce", "room on the foil", "N"),
  result("lumpedSpeed", "by the lumped-mass estimate", "m/s"),
  result("flightTime", "time in the tube", "s")
];
var outcomes30 = [
  { id: "fast", look: "gone", name: "is fast", sentence: "The ball shoots out too fast to see." },
  { id: "slow", look: "partly", name: "is slow", sentence: "The ball comes out, but one can follow it." },
  { id: "stuck", look: "nothing", name: "stays in the tube", sentence: "The ball stays in the tube." }
];
var ledger26 = ({ details: d }) => ({
  moment: "before the foil is pierced",
  difference: d.difference,
  rows: [{ id: "pumped", cause: "air taken out by the pump, less what leaked in", pressure: d.difference }]
});
var sizes26 = (_values, s) => [
  {
    id: "energy",
    name: "energy of the ball",
    value: s.results.energy,
    quantity: "energy",
    units: ["J", "ft lbf"],
    note: say`${asEnergy(10)} break thin sheet and skin`
  },
  {
    id: "foilForce",
    name: "room on the foil",
    value: s.results.foilForce,
    quantity: "force",
    units: ["N", "lbf"],
    note: "difference \xD7 the tube\u2019s section"
  },
  {
    id: "reach",
    name: "could fly",
    value: s.results.reach,
    quantity: "length",
    units: ["m", "ft"],
    note: "with air drag, best angle"
  }
];

// core/catalogue/motion/vacuum-cannon/procedure.ts
var shelf30 = [{ step: "pump", kind: "pump" }];
var procedure31 = [
  {
    id: "load",
    hazards: ["projectile"],
    parts: [
      "Put a ball (",
      { input: "ballDiameter" },
      " across, ",
      { input: "ballMass" },
      ") into a clear tube of ",
      { input: "tubeLength" },
      ", ",
      { input: "tubeDiameter" },
      " across inside, at the end away from the target; tape foil over both ends, muzzle ",
      { input: "muzzleHeight" },
      " over the floor."
    ]
  },
  {
    id: "pump",
    hazards: ["vacuum", "projectile"],
    parts: (values) => [
      "Pump with a ",
      ...pumpWords(values),
      " down to ",
      { input: "targetPressure" },
      ", for at most ",
      { input: "pumpTime" },
      "."
    ],
    duration: (s) => s.results.timeToPump
  },
  {
    id: "fire",
    hazards: ["projectile"],
    marks: ["sealed"],
    parts: ["Pierce the foil behind the ball. Fast enough from ", { input: "wantedSpeed" }, "."],
    duration: (s) => s.results.hush
  }
];
var kit31 = () => [
  "clear pipe made for pressure, no cracks",
  "light balls, several",
  "foil or tape for the ends",
  "pump and gauge",
  "target and backstop",
  "stand and clamps",
  "eye and ear protection",
  "barrier tape"
];

// core/catalogue/motion/vacuum-cannon/drawing.ts
var drawing30 = (values, s, time) => {
  const n = values.numbers;
  const [place, speed, behind2, front] = ["place", "speed", "behind", "ahead"].map((c) => valueAt(s.trace, c, time));
  const l = n.tubeLength;
  const w = Math.max(n.tubeDiameter * 3, l * 0.07);
  const y = 0.2 * l;
  const fired = time > s.details.sealing + 1e-6;
  const x = -l / 2 + w / 2 + place * (l - w * 0.4) / l;
  const shapes = [
    {
      kind: "gas",
      points: rectangle(-l / 2, y - w / 2, Math.max(1e-3, x + l / 2 - w * 0.4), w),
      air: behind2 / n.stationPressure,
      vapour: 0
    },
    {
      kind: "gas",
      points: rectangle(x, y - w / 2, Math.max(1e-3, l / 2 - x), w),
      air: Math.min(1.5, front / n.stationPressure),
      vapour: 0
    },
    {
      kind: "body",
      points: [
        [-l / 2, y + w / 2],
        [l / 2, y + w / 2]
      ],
      stuff: "glass",
      open: true,
      thick: 4
    },
    {
      kind: "body",
      points: [
        [-l / 2, y - w / 2],
        [l / 2, y - w / 2]
      ],
      stuff: "glass",
      open: true,
      thick: 4
    },
    ...fired ? [] : [
      {
        kind: "body",
        points: [
          [-l / 2, y - w / 2],
          [-l / 2, y + w / 2]
        ],
        stuff: "metal",
        open: true,
        thick: 3
      }
    ],
    {
      kind: "body",
      points: [
        [l / 2, y - w / 2],
        [l / 2, y + w / 2]
      ],
      stuff: "metal",
      open: true,
      thick: 3
    },
    { kind: "round", at: [x, y], across: w * 0.92, stuff: "food" },
    ...[-0.3, 0.35].map((sx) => ({
      kind: "body",
      points: [
        [sx * l, y - w / 2],
        [sx * l - 0.03 * l, 0],
        [sx * l, y - w / 2],
        [sx * l + 0.03 * l, 0]
      ],
      stuff: "metal",
      open: true,
      thick: 3
    })),
    ...fired ? [-0.25, 0.25].map((dy) => ({
      kind: "push",
      stuff: "outside-air",
      from: [x - w * 0.5 - 0.12 * l, y + dy * w],
      to: [x - w * 0.5, y + dy * w]
    })) : [-0.25, 0.25].map((dy) => ({
      kind: "push",
      stuff: "outside-air",
      from: [-l / 2 - 0.11 * l, y + dy * w],
      to: [-l / 2 - 0.01 * l, y + dy * w]
    })),
    { kind: "note", at: [-l / 2, y + w * 0.75], anchor: "start", stuff: "outside-air", said: ["behind ", kPa(behind2)] },
    { kind: "note", at: [l / 2, y + w * 0.75], anchor: "end", stuff: "ink", said: ["ahead ", kPa(front)] },
    {
      kind: "note",
      at: [0, y + w * 1.25],
      anchor: "middle",
      stuff: "danger",
      said: [said(speed, "speed", "m/s", "mph")]
    }
  ];
  return {
    frame: { left: -0.64 * l, right: 0.56 * l, bottom: 0, top: y + w * 1.7 },
    shapes,
    caption: [
      fired ? "The room pushes the ball; air has to be set moving as well. Tube drawn wider than it is." : "Pumped out. Tube drawn wider than it is."
    ]
  };
};

// core/catalogue/motion/vacuum-cannon/teaching.ts
var why31 = (values, s) => [
  say`The room pushes with ${asPressure(values.numbers.stationPressure)} on
    ${asLength(values.numbers.ballDiameter)}: the ball leaves at ${asSpeed(s.results.muzzleSpeed)},
    ${asShare(s.results.muzzleSpeed / soundSpeed(values.numbers.airTemperature))} of the speed of sound, after
    ${asTime(s.results.hush ?? 0)}.`,
  say`It can't get much faster, however long the tube: the air behind has to run after it and gets thin; what was
    left ahead (${asPressure(s.results.finalPressure)}) is squeezed together. The lumped estimate gives
    ${asSpeed(s.results.lumpedSpeed)}.`
];
var advice14 = (_values, s, risk) => [
  {
    text: say`Keep ${asLength(atWorst(risk, "exclusion"), { toward: "above" })} (99 of 100 shots stay within) forward
      of the muzzle clear if the backstop should fail, and pump for ${asTime(s.results.timeToPump)}.`
  }
];
var explanation31 = (_values, s) => [
  {
    from: 7,
    text: "We took the air out in front of the ball. When the foil breaks, all the air of the room rushes in behind and pushes the ball out."
  },
  {
    from: 11,
    text: say`Nothing is lit and nothing explodes: ordinary air does it. With nothing in the way the ball gets to
      ${asSpeed(s.results.muzzleSpeed)}.`
  },
  {
    from: 14,
    text: say`Work is force times way: ${asForce(s.results.foilForce)} along the tube would make more energy than
      the ${asEnergy(s.results.energy)} of the ball: the rest went into the air that runs along.`
  },
  {
    from: 16,
    text: say`Behind a running piston p = p0 (1 − (γ−1)u/2c)^(2γ/(γ−1)): at half the speed of sound only half is
      left. Ahead a shock forms; at ${asPressure(300)} it hardly matters, at ${asPressure(1e4)} it does. Ayars
      and Buchholtz (2004) treat the air as a lump that is accelerated with the ball: p A t = (m + ρ A x) v.`
  }
];
var teaching29 = {
  wrongIdea: {
    idea: "The vacuum sucks the ball out.",
    answer: "The ball flies away from the hole that was pierced: it is pushed from behind."
  },
  before: ["Which foil must I pierce?", "Can it get faster than sound?"],
  after: ["Where did the rest of the work go?", "Would a heavier ball be slower?"],
  elsewhere: ["Pneumatic post.", "Tube trains pushed by air.", "A cork from a popgun.", "Dust in a wind tunnel."]
};
var variants6 = (values) => sideBySide(
  "Tubes side by side",
  values,
  simulate31,
  ["muzzleSpeed", "timeToPump", "exclusion"],
  [0.5, 1, 1.5, 2].map((factor) => ({
    name: say`${asLength(values.numbers.tubeLength * factor)}`,
    numbers: { tubeLength: values.numbers.tubeLength * factor }
  }))
);

// core/catalogue/motion/vacuum-cannon/index.ts
var vacuumCannon = defineDemonstration({
  id: "vacuum-cannon",
  name: "Vacuum ball cannon",
  summary: "A table-tennis ball in a pumped-out tube: pierce the foil, and the room fires it.",
  noun: ["shot", "shots"],
  people: { performs: 18, watches: 11 },
  gates: gates31,
  cautions: cautions31,
  afterFailure: afterFailure31,
  gallery: {
    family: "motion",
    effect: "A light ball leaves a tube faster than a racing car and goes through a can.",
    topics: ["air pressure", "motion", "energy", "speed of sound"],
    ages: [11, 18]
  },
  hushWords: { inside: "air left ahead of the ball", strength: "" },
  wanted: "fast",
  columns: COLUMNS24,
  simulate: simulate31,
  inputs: inputs31,
  check: check29,
  logged: logged31,
  results: results27,
  outcomes: outcomes30,
  ledger: ledger26,
  sizes: sizes26,
  shelf: shelf30,
  procedure: procedure31,
  kit: kit31,
  drawing: drawing30,
  why: why31,
  advice: advice14,
  explanation: explanation31,
  teaching: teaching29,
  variants: variants6
});

// core/catalogue/steam/warmed-bottle/cautions.ts
var gates32 = [
  {
    step: "charge",
    text: "Bottle stands in a tray; goggles on for whoever pours; nobody shakes a closed bottle of hot water.",
    guards: ["scald"]
  },
  { step: "cap", text: "Empty first, cap after: no hot water stays inside.", guards: ["vacuum"] }
];
var cautions32 = (values) => softBottleCautions(values);
var afterFailure32 = softBottleFailure;

// core/catalogue/steam/warmed-bottle/simulate.ts
var STANDING = 500;
var warmedThrough = (vessel, seconds2) => 1 - exp(-seconds2 * STANDING / (vessel.solid.density * vessel.solid.specificHeat * vessel.wallThickness));
function simulate32(values, detail, refinement = 1) {
  const n = values.numbers;
  const vessel = softBottle(values);
  const room = roomOf(values, vessel);
  const recorder = detail === "trace" ? new TraceRecorder({ vessel, room }, "capping", "fold") : void 0;
  const filled = fillByRinsing(
    vessel,
    room,
    {
      volume: n.waterCharge,
      temperature: heldBelowBoiling(n.chargeTemperature, room),
      times: 1,
      contact: n.rinseContact * warmedThrough(vessel, n.standTime),
      saturation: n.filmSaturation,
      delay: n.sealDelay,
      moved: false,
      uprightShare: 1,
      airLayerFactor: n.airLayerFactor,
      surfaceConductance: n.surfaceConductance
    },
    stepTolerance(detail, refinement),
    recorder
  );
  return coolSoftBottle(values, vessel, room, filled, detail, refinement, recorder);
}

// core/catalogue/steam/warmed-bottle/inputs.ts
var inputs32 = defineInputs([
  ...ROOM_INPUTS,
  ...SOFT_VESSEL,
  quantity("waterCharge", {
    name: "hot water to warm it",
    default: 5e-4,
    range: [2e-5, 5e-3],
    usual: [1e-4, 1e-3],
    lever: [-25e-5, 3e-4]
  }),
  quantity("chargeTemperature", { default: 273.15 + 65, usual: [308.15, 353.15], lever: [-10, 10] }),
  {
    id: "standTime",
    name: "hot water stands in it for",
    kind: "quantity",
    quantity: "time",
    units: ["s", "s"],
    group: "heat",
    default: 20,
    range: [0.5, 600],
    usual: [3, 60],
    spread: { shape: "lognormal", relative: 0.2 },
    lever: [-10, 20]
  },
  quantity("sealDelay", { name: "emptied to capped", default: 3, lever: [-2, 5] }),
  ...SOFT_BATH,
  ...RINSE_COEFFICIENTS,
  ...SOFT_COEFFICIENTS
]);

// core/catalogue/steam/warmed-bottle/outcomes.ts
var logged32 = {
  used: ["waterCharge", "chargeTemperature", "sealDelay", "bathTemperature", "poolDepth"],
  seen: ["hush", "volumeLost"]
};

// core/catalogue/steam/warmed-bottle/procedure.ts
var procedure32 = [
  {
    id: "charge",
    hazards: ({ numbers: n }) => n.chargeTemperature >= TOUCHABLE ? ["scald"] : [],
    parts: [
      "Pour ",
      { input: "waterCharge" },
      " of water at ",
      { input: "chargeTemperature" },
      " into a soft bottle of ",
      { input: "vesselVolume" },
      " (",
      { input: "vesselDiameter" },
      " across, ",
      { input: "vesselHeight" },
      " tall, wall ",
      { input: "wallThickness" },
      ", mouth ",
      { input: "mouthDiameter" },
      "), open, in a tray; let it stand for ",
      { input: "standTime" },
      ", tilt it once so that the whole wall is warm, and pour it out."
    ]
  },
  {
    id: "cap",
    marks: ["sealed"],
    parts: ["Screw the cap tight within ", { input: "sealDelay" }, " of emptying it."],
    duration: (s) => s.details.sealing
  },
  { id: "cool", parts: icedBath, duration: (s) => s.results.hush }
];
var kit32 = () => [
  "soft drink bottles, labels off",
  "caps",
  "hot tap water or kettle",
  "thermometer",
  "deep tub",
  "ice",
  "towel",
  "eye protection"
];

// core/catalogue/steam/warmed-bottle/teaching.ts
var teaching30 = {
  wrongIdea: {
    idea: "Cold gets into the bottle and pulls it in.",
    answer: "Cold is not a thing that moves. The warm air inside pushes less as it cools; the room pushes as before."
  },
  before: ["Will it fold as much as with boiling water?", "Which matters more: warm inside or cold outside?"],
  after: ["How much of the air was missing?", "Why is this gentler than with steam?"],
  elsewhere: ["Bottles brought down from a mountain.", "A football in winter.", "Car tyres on a cold morning."]
};
var why32 = (_values, s) => softWhy(
  s,
  say`The wall is warmed to ${asTemperature(s.details.overheat)}; the film left on it steams into the air that
      came in as it was emptied:`
);
var explanation32 = softExplanation(
  "some of the damp in it turns back into water too"
);

// core/catalogue/steam/warmed-bottle/index.ts
var warmedBottle = softBottleFace({
  id: "warmed-bottle",
  name: "Warmed bottle",
  summary: "A soft bottle warmed with hot tap water, emptied, capped, into an ice bath: mostly cooling air.",
  people: { performs: 9, watches: 7 },
  gates: gates32,
  cautions: cautions32,
  afterFailure: afterFailure32,
  gallery: {
    family: "steam",
    effect: "The bottle buckles gently: no steam to be seen, warm tap water is enough.",
    topics: ["gas laws", "air pressure", "heating and cooling"],
    ages: [7, 16]
  },
  brimful: true,
  simulate: simulate32,
  inputs: inputs32,
  logged: logged32,
  procedure: procedure32,
  kit: kit32,
  teaching: teaching30,
  why: why32,
  explanation: explanation32
});

// core/catalogue/refusals.ts
var PRACTICE2 = "common practice";
var jar = (demonstration) => [
  {
    demonstration,
    when: "a scratched or chipped jar",
    input: "jarKind",
    example: { choices: { jarKind: "scratched" } },
    source: PRACTICE2
  },
  {
    demonstration,
    when: "a household, thin or flat-sided jar",
    input: "jarKind",
    example: { choices: { jarKind: "household" } },
    source: PRACTICE2
  }
];
var REFUSALS = [
  {
    demonstration: "drum-reinflate",
    when: "sealed heating: no way out for the steam",
    input: "reliefPath",
    example: { choices: { reliefPath: "none" } },
    source: PRACTICE2
  },
  {
    demonstration: "drum-reinflate",
    when: "a relief too small for its burner",
    input: "reliefOpening",
    example: { numbers: { reliefOpening: 8e-6 } },
    source: "steam made against what passes, with a quarter over the setting (common practice)"
  },
  {
    demonstration: "bottle-fill",
    when: "a chill at which more than 2 of 100 glasses crack",
    input: "bathTemperature",
    example: { numbers: { bathTemperature: 278.15 } },
    source: "our own rule on the spread of what glass bears"
  },
  {
    demonstration: "bottle-fill",
    when: "scratched, chipped or old glass",
    input: "glassState",
    example: { choices: { glassState: "scratched" } },
    source: PRACTICE2
  },
  {
    demonstration: "bottle-fill",
    when: "a torch on glass",
    input: "fillMethod",
    example: { choices: { fillMethod: "torch" } },
    source: PRACTICE2
  },
  {
    demonstration: "flask-fountain",
    when: "a chill at which more than 2 of 100 glasses crack",
    input: "bathTemperature",
    example: { numbers: { bathTemperature: 275.15 }, choices: { glassKind: "soda-lime" } },
    source: "our own rule on the spread of what glass bears"
  },
  {
    demonstration: "flask-fountain",
    when: "a flat bottom under vacuum",
    input: "flaskBottom",
    example: { choices: { flaskBottom: "flat" } },
    source: PRACTICE2
  },
  {
    demonstration: "flask-fountain",
    when: "scratched, chipped or old glass",
    input: "glassState",
    example: { choices: { glassState: "scratched" } },
    source: PRACTICE2
  },
  {
    demonstration: "flask-fountain",
    when: "a thin wall under vacuum",
    input: "wallThickness",
    example: { numbers: { wallThickness: 6e-4 } },
    source: PRACTICE2
  },
  {
    demonstration: "egg-in-bottle",
    when: "a rinsed bottle in water so cold that more than 2 of 100 crack",
    input: "coolingTemperature",
    example: { numbers: { rinseTemperature: 366, coolingTemperature: 274.15 }, choices: { heating: "hot-water" } },
    source: "our own rule on the spread of what glass bears"
  },
  {
    demonstration: "egg-out",
    when: "a cold bottle in water so hot that more than 2 of 100 crack",
    input: "warmTemperature",
    example: { numbers: { warmTemperature: 368, airTemperature: 285 }, choices: { method: "warming" } },
    source: "our own rule on the spread of what glass bears"
  },
  ...["bell-jar-balloon", "soft-pack", "jar-barometer", "low-pressure-boil", "bell-in-vacuum"].flatMap(jar),
  {
    demonstration: "cloud-bottle",
    when: "smoke or a match with spirits",
    input: "nuclei",
    example: { choices: { liquid: "ethanol", nuclei: "smoke" } },
    source: PRACTICE2
  },
  {
    demonstration: "cloud-bottle",
    when: "more than 5 mL of spirits",
    input: "spirits",
    example: { numbers: { spirits: 2e-5 }, choices: { liquid: "ethanol", nuclei: "room" } },
    source: PRACTICE2
  },
  {
    demonstration: "cloud-bottle",
    when: "over 300 kPa in any bottle",
    input: "gaugePressure",
    example: { numbers: { gaugePressure: 6e5, pressureRating: 1e6 } },
    source: PRACTICE2
  },
  {
    demonstration: "cloud-bottle",
    when: "over the stated limit, pumped",
    input: "gaugePressure",
    example: { numbers: { gaugePressure: 25e4, pressureRating: 15e4 } },
    source: PRACTICE2
  },
  {
    demonstration: "cloud-bottle",
    when: "over the stated limit, squeezed",
    input: "squeezePressure",
    example: { numbers: { squeezePressure: 8e4, pressureRating: 4e4 }, choices: { way: "squeeze" } },
    source: PRACTICE2
  },
  {
    demonstration: "canister-pop",
    when: "oxygen",
    input: "burnsIn",
    example: { choices: { burnsIn: "oxygen" } },
    source: PRACTICE2
  },
  {
    demonstration: "canister-pop",
    when: "a lid that may hold",
    input: "releaseGauge",
    example: { numbers: { releaseGauge: 3e5 } },
    source: "our own rule on what a poor mixture still makes"
  },
  {
    demonstration: "bottle-line",
    when: "oxygen",
    input: "burnsIn",
    example: { choices: { burnsIn: "oxygen" } },
    source: PRACTICE2
  },
  {
    demonstration: "bottle-line",
    when: "free flight of a burning bottle",
    input: "guide",
    example: { choices: { guide: "free" } },
    source: PRACTICE2
  },
  {
    demonstration: "bottle-line",
    when: "a glass bottle or one for still drinks",
    input: "bottleKind",
    example: { choices: { bottleKind: "glass" } },
    source: PRACTICE2
  },
  {
    demonstration: "bottle-line",
    when: "a hole with which one mixture in a hundred goes over the bottle\u2019s limit",
    input: "ventDiameter",
    example: { numbers: { ventDiameter: 2e-3 } },
    source: "our own rule on the spread of mixtures; NFPA 68 for the worst"
  },
  {
    demonstration: "card-and-glass",
    when: "more than 5 kg of water over somebody",
    input: "glassHeight",
    example: { numbers: { glassDiameter: 0.3, glassHeight: 1.5 } },
    source: "our own rule"
  },
  ...["syringe-boil", "syringe-marshmallow"].map((demonstration) => ({
    demonstration,
    when: "a bore so wide that the hand could not hold the plunger",
    input: "bore",
    example: {
      numbers: {
        bore: 0.049,
        ...demonstration === "syringe-marshmallow" && { foamVolume: 3e-6, shutAt: 8e-6, moveTo: 6e-5 }
      }
    },
    source: "our own rule: 150 N, of what a hand holds (assumption)"
  })),
  {
    demonstration: "syringe-marshmallow",
    when: "a press of more than a room\u2019s pressure: the cap may fly off",
    input: "moveTo",
    example: { numbers: { moveTo: 12e-6, bore: 0.02 }, choices: { way: "in" } },
    source: "our own rule"
  }
];

// core/catalogue/index.ts
var DEMONSTRATIONS = [
  canPlunge,
  sealedTin,
  sealedDrum,
  drumReinflate,
  hotWaterBottle,
  warmedBottle,
  bottleFill,
  flaskFountain,
  balloonIntoFlask,
  processVessel,
  eggInBottle,
  eggOut,
  candleJar,
  bellJarBalloon,
  softPack,
  balloonEmptied,
  pumpedCan,
  jarBarometer,
  lowPressureBoil,
  syringeBoil,
  syringeMarshmallow,
  bellInVacuum,
  plates,
  suctionCup,
  cardAndGlass,
  balloonInGlass,
  cloudBottle,
  diver,
  vacuumCannon,
  balloonLine,
  canisterPop,
  bottleLine
];

// core/forecast/latin-hypercube.ts
import { uniformInt } from "pure-rand/distribution/uniformInt";
import { uniformFloat64 } from "pure-rand/distribution/uniformFloat64";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
function latinHypercube(samples, variables, seed) {
  const random = xoroshiro128plus(seed);
  const points = new Float64Array(samples * variables);
  const order = new Int32Array(samples);
  for (let v = 0; v < variables; v++) {
    for (let i = 0; i < samples; i++) order[i] = i;
    for (let i = samples - 1; i > 0; i--) {
      const j = uniformInt(random, 0, i);
      const held = order[i];
      order[i] = order[j];
      order[j] = held;
    }
    for (let i = 0; i < samples; i++) {
      const share = (order[i] + uniformFloat64(random)) / samples;
      points[i * variables + v] = share > 0 ? share : 0.5 / samples;
    }
  }
  return points;
}

// core/forecast/distributions.ts
import normalCdf2 from "@stdlib/stats-base-dists-normal-cdf";
import normalQuantile from "@stdlib/stats-base-dists-normal-quantile";
function spreadQuantile(spread, nominal, range, u) {
  const [least, most] = range;
  switch (spread.shape) {
    case "exact":
      return nominal;
    case "anywhere": {
      const a = Math.max(least, spread.least);
      return a + u * (Math.min(most, spread.most) - a);
    }
    case "uniform":
      return u < 0.5 ? nominal - (1 - 2 * u) * Math.min(spread.below, Math.max(0, nominal - least)) : nominal + (2 * u - 1) * Math.min(spread.above, Math.max(0, most - nominal));
    case "triangular":
      return u < 0.5 ? nominal - halfTriangle(1 - 2 * u, spread.below, nominal - least) : nominal + halfTriangle(2 * u - 1, spread.above, most - nominal);
    case "lognormal": {
      if (!(nominal > 0) || !(spread.relative > 0)) return nominal;
      const sigma = Math.sqrt(ln(1 + spread.relative * spread.relative));
      const floor = least > 0 ? ln(least / nominal) / sigma : -Infinity;
      return clamp(nominal * exp(sigma * halfNormals(floor, ln(most / nominal) / sigma, u)), least, most);
    }
    case "normal": {
      const sigma = "relative" in spread ? spread.relative * Math.abs(nominal) : spread.absolute;
      if (!(sigma > 0)) return nominal;
      return clamp(nominal + sigma * halfNormals((least - nominal) / sigma, (most - nominal) / sigma, u), least, most);
    }
  }
}
function halfNormals(from, to, u) {
  if (u === 0.5) return 0;
  if (u < 0.5) {
    const low = from <= -8 ? 0 : normalCdf2(Math.min(from, 0), 0, 1);
    return low >= 0.5 ? 0 : normalQuantile(low + 2 * u * (0.5 - low), 0, 1);
  }
  const high = to >= 8 ? 1 : normalCdf2(Math.max(to, 0), 0, 1);
  return high <= 0.5 ? 0 : normalQuantile(0.5 + (2 * u - 1) * (high - 0.5), 0, 1);
}
function halfTriangle(share, width, cut) {
  const reach2 = Math.min(width, Math.max(0, cut));
  if (!(reach2 > 0)) return 0;
  const kept = 1 - (1 - reach2 / width) * (1 - reach2 / width);
  return width * (1 - Math.sqrt(1 - share * kept));
}
var clamp = (x, least, most) => x < least ? least : x > most ? most : x;

// core/forecast/sample.ts
var DEFAULT_SAMPLES = 2e3;
var DEFAULT_SEED = 1;
var NO_OUTCOME = 255;
var StagingSample = class {
  /**
   * @param points shares in (0, 1), row after row, where they are not those of a plain Latin hypercube
   * @throws RangeError naming the first input at fault if the inputs are not valid
   */
  constructor(demonstration, given, size = DEFAULT_SAMPLES, seed = DEFAULT_SEED, points) {
    this.demonstration = demonstration;
    this.size = size;
    this.seed = seed;
    const { values, faults } = resolve(demonstration, given);
    if (faults.length > 0) throw new RangeError(`${faults[0].input}: ${tell(faults[0].message, METRIC)}`);
    this.nominal = values;
    const quantities2 = demonstration.inputs.filter((i) => i.kind === "quantity");
    this.variables = quantities2.length;
    this.points = points ?? latinHypercube(size, this.variables, seed);
    const uncertain = [];
    quantities2.forEach((input, column2) => {
      const nominal = values.numbers[input.id];
      const spread = given.spreads[input.id] ?? usualSpread(input, values);
      if (nominal === void 0 || spread.shape === "exact") return;
      uncertain.push({ input, spread, nominal, drawn: new Float64Array(size), column: column2 });
    });
    this.uncertain = uncertain;
    this.outcomes = new Uint8Array(size);
    this.results = Object.fromEntries(demonstration.results.map((r) => [r.id, new Float64Array(size).fill(NaN)]));
    this.inputs = Object.fromEntries(uncertain.map((u) => [u.input.id, u.drawn]));
  }
  demonstration;
  size;
  seed;
  nominal;
  uncertain;
  /** outcome of each sample, index into the demonstration's outcomes */
  outcomes;
  /** results of each sample by id; NaN where absent */
  results;
  /** drawn inputs by id */
  inputs;
  /** samples that boil dry before the lift */
  dryCount = 0;
  done = 0;
  /** samples that could not be computed; only with `tolerant`, otherwise the first one throws */
  failed = 0;
  /**
   * a sample that can't be computed has no outcome (`NO_OUTCOME`) and no results, instead of ending the whole; for
   * draws from far corners
   */
  tolerant = false;
  points;
  variables;
  /** Simulates up to `count` more samples. @returns true when all are done */
  advance(count2) {
    const end = Math.min(this.size, this.done + count2);
    const { demonstration } = this;
    const numbers = { ...this.nominal.numbers };
    const values = { numbers, choices: this.nominal.choices };
    for (let i = this.done; i < end; i++) {
      for (const { input, spread, nominal, drawn, column: column2 } of this.uncertain) {
        drawn[i] = spreadQuantile(spread, nominal, input.range, this.points[i * this.variables + column2]);
        numbers[input.id] = drawn[i];
      }
      try {
        this.record(i, demonstration.simulate(values, "summary"));
      } catch (error) {
        if (!this.tolerant) throw error;
        this.outcomes[i] = NO_OUTCOME;
        this.failed++;
      }
    }
    this.done = end;
    return end === this.size;
  }
  /** share in (0, 1) that sample `i` drew in a column */
  pointOf(i, column2) {
    return this.points[i * this.variables + column2];
  }
  record(i, simulation) {
    this.outcomes[i] = this.demonstration.outcomes.findIndex((o) => o.id === simulation.outcome);
    for (const [id, value] of Object.entries(simulation.results)) {
      const column2 = this.results[id];
      if (column2 && value !== void 0) column2[i] = value;
    }
    if (simulation.details.boiledDry === 1) this.dryCount++;
  }
};

// core/forecast/normal-scores.ts
import normalCdf3 from "@stdlib/stats-base-dists-normal-cdf";
import normalQuantile2 from "@stdlib/stats-base-dists-normal-quantile";

// core/forecast/calibration.ts
import { CholeskyDecomposition, Matrix } from "ml-matrix";

// core/readings/protocol.ts
var CHANNELS = { pressure: "pressure", temperature: "temperature" };

// core/readings/simulated-logger.ts
import { uniformFloat64 as uniformFloat642 } from "pure-rand/distribution/uniformFloat64";
import { xoroshiro128plus as xoroshiro128plus2 } from "pure-rand/generator/xoroshiro128plus";
import normalQuantile3 from "@stdlib/stats-base-dists-normal-quantile";

// core/readings/readings-csv.ts
import Papa from "papaparse";

// core/formats/staging.ts
import { z } from "zod";
var STAGING_FORMAT = "zealous-hush/staging";
var finite = z.number().describe("a finite number");
var quantitySchema = z.strictObject({
  value: finite,
  unit: z.string().max(20).optional().describe("any unit of the input's kind; may be left out for a plain fraction"),
  spread: z.union([
    finite.min(0).max(1).describe("relative standard uncertainty"),
    z.strictObject({ value: finite.min(0), unit: z.string().max(20) }).describe("absolute standard uncertainty")
  ]).optional()
});
var stagingSchema = z.strictObject({
  format: z.literal(STAGING_FORMAT).default(STAGING_FORMAT),
  version: z.literal(1).default(1),
  demonstration: z.enum(DEMONSTRATIONS.map((d) => d.id)),
  title: z.string().max(200).default(""),
  inputs: z.record(z.string(), z.union([quantitySchema, z.string().max(100)])).default({})
}).meta({
  title: "Staging",
  description: "One demonstration planned with real apparatus, amounts and room conditions. An input left out takes the demonstration's default."
});
var looseSchema = stagingSchema.extend({ inputs: z.record(z.string(), z.unknown()).default({}) });

// core/formats/prediction.ts
import { z as z2 } from "zod";
var PREDICTION_FORMAT = "zealous-hush/prediction";
var quantile2 = z2.strictObject({
  p10: z2.number(),
  p50: z2.number(),
  p90: z2.number(),
  p1: z2.number().optional(),
  p99: z2.number().optional(),
  p999: z2.number().optional().describe("99.9 of 100 draws lie below"),
  count: z2.int()
});
var predictionSchema = z2.strictObject({
  format: z2.literal(PREDICTION_FORMAT),
  version: z2.literal(1),
  demonstration: z2.string(),
  title: z2.string(),
  outcome: z2.string().describe("id of the nominal outcome"),
  results: z2.record(z2.string(), z2.strictObject({ value: z2.number(), unit: z2.string() })).describe("by result id, SI; absent where it does not happen"),
  ledger: z2.array(z2.strictObject({ id: z2.string(), cause: z2.string(), pressure: z2.number().describe("Pa") })).describe("rows add up to the difference at the moment shown"),
  ledgerMoment: z2.strictObject({ moment: z2.string(), difference: z2.number().describe("Pa") }),
  events: z2.array(z2.strictObject({ id: z2.string(), name: z2.string(), time: z2.number().describe("s from heat on") })),
  forecast: z2.strictObject({
    samples: z2.int(),
    seed: z2.int(),
    outcomes: z2.record(z2.string(), z2.number()).describe("share of the samples by outcome id"),
    errors: z2.record(z2.string(), z2.number()).describe("standard sampling error of each share"),
    quantiles: z2.record(z2.string(), quantile2).describe("by result id, over the samples in which it occurs")
  }).optional(),
  cautions: z2.array(
    z2.strictObject({
      id: z2.string(),
      step: z2.string(),
      severity: z2.enum(["usual", "raised"]),
      hazard: z2.string(),
      control: z2.string(),
      number: z2.strictObject({ name: z2.string(), value: z2.number(), unit: z2.string(), raisedFrom: z2.number().optional() }).optional().describe("what it follows from, SI")
    })
  ).optional().describe("in the order of the steps, raised ones first"),
  gates: z2.array(z2.strictObject({ step: z2.string(), text: z2.string() })).optional().describe("confirmed before anything in the step is done"),
  whoDecides: z2.string().optional()
}).meta({
  title: "Prediction",
  description: "What a staging is expected to do, nominally and over what is not known exactly."
});

// core/formats/run.ts
import { z as z3 } from "zod";
var RUN_FORMAT = "zealous-hush/run";
var MOST_READINGS = 4e3;
var column = z3.array(z3.number()).max(MOST_READINGS);
var runSchema = z3.strictObject({
  format: z3.literal(RUN_FORMAT).default(RUN_FORMAT),
  version: z3.literal(1).default(1),
  performedAt: z3.iso.datetime({ offset: true }).describe("when it was performed"),
  outcome: z3.string().min(1).max(60).describe("outcome id of the demonstration"),
  used: z3.record(z3.string(), z3.union([quantitySchema, z3.string().max(100)])).default({}).describe("inputs that differed from the staging, as they really were"),
  seen: z3.record(z3.string(), quantitySchema).default({}).describe("measured results by result id, such as hush and waterDrawnIn"),
  note: z3.string().max(4e3).default(""),
  rehearsal: z3.boolean().default(false).describe("nothing real: it teaches nothing and is not counted"),
  marks: z3.array(z3.strictObject({ kind: z3.enum(MARKS), at: z3.iso.datetime({ offset: true }) })).max(200).optional().describe("moments, in order"),
  speed: z3.number().min(1).max(60).optional().describe("of the clock of marks and readings, in a rehearsal"),
  readings: z3.partialRecord(
    z3.enum(Object.keys(CHANNELS)),
    z3.strictObject({ time: column.describe("s from the seal; before it negative"), value: column.describe("SI") })
  ).optional().describe("of a data logger"),
  readingsFrom: z3.string().max(60).optional().describe(`which logger, such as "simulated" or a file's name`),
  vote: z3.record(z3.string(), z3.int().min(0).max(1e4)).optional().describe("what the room expected: votes by outcome id"),
  forecast: z3.strictObject({ samples: z3.int().min(1), outcomes: z3.record(z3.string(), z3.number().min(0).max(1)) }).optional().describe("shares that stood before it was sealed")
}).meta({ title: "Run", description: "One performance of a staging: what was really used, what was seen." });

// core/formats/logbook.ts
import Papa2 from "papaparse";
import { z as z4 } from "zod";
var LOGBOOK_FORMAT = "zealous-hush/logbook";
var loggedRunSchema = z4.strictObject({
  id: z4.uuid(),
  stagingId: z4.uuid().optional(),
  stagingVersion: z4.int().min(1).optional(),
  staging: stagingSchema,
  document: runSchema
});
var logbookSchema = z4.strictObject({
  format: z4.literal(LOGBOOK_FORMAT).default(LOGBOOK_FORMAT),
  version: z4.literal(1).default(1),
  runs: z4.array(loggedRunSchema).max(2e3)
}).meta({ title: "Logbook", description: "Runs with the stagings that they used." });

// core/formats/running-order.ts
import { z as z5 } from "zod";
var RUNNING_ORDER_FORMAT = "zealous-hush/running-order";
var runningOrderSchema = z5.strictObject({
  format: z5.literal(RUNNING_ORDER_FORMAT).default(RUNNING_ORDER_FORMAT),
  version: z5.literal(1).default(1),
  title: z5.string().trim().min(1, "a title of 1 to 200 characters").max(200),
  start: z5.string().regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/, "a date and time such as 2026-12-04T18:30").describe("local date and time at which the show begins"),
  heaters: z5.int().min(0).max(12).default(1).describe("plates and burners that can be used at once"),
  powers: z5.array(z5.number().min(50).max(2e4)).max(12).optional().describe("W of each heater, where they differ; left out: any of them will do for any vessel"),
  hands: z5.int().min(1).max(8).default(1).describe("people with free hands"),
  before: z5.int().min(0).max(240).default(15).describe("minutes before the start at which the first heater may go on"),
  acts: z5.array(
    z5.strictObject({
      id: z5.string().min(1).max(60),
      from: z5.uuid().optional().describe("the staging that it was taken from"),
      staging: stagingSchema,
      talk: z5.number().min(0).max(3600).default(60).describe("s of talk before it"),
      target: z5.number().min(0).max(6 * 3600).optional().describe("s from the start at which it is to be lifted and sealed; left out: as soon as it fits")
    })
  ).max(24)
}).meta({ title: "Running order", description: "Several stagings on one clock, with what they share." });

// core/formats/show.ts
import { z as z6 } from "zod";
var SHOW_FORMAT = "zealous-hush/show";
var seconds = z6.number().min(-24 * 3600).max(24 * 3600);
var showSchema = z6.strictObject({
  format: z6.literal(SHOW_FORMAT).default(SHOW_FORMAT),
  version: z6.literal(1).default(1),
  title: z6.string().trim().min(1, "a title of 1 to 200 characters").max(200),
  order: z6.uuid().optional().describe("the running order that it was made from"),
  rehearsal: z6.boolean().default(false).describe("nothing real: its runs teach nothing and are not counted"),
  speed: z6.number().min(1).max(60).default(1).describe("of the clock; above 1 in a rehearsal only"),
  acts: z6.array(
    z6.strictObject({
      id: z6.string().min(1).max(60),
      run: z6.uuid().describe("id that its run gets in the Logbook"),
      stagingId: z6.uuid(),
      stagingVersion: z6.int().min(1),
      staging: stagingSchema.describe("with the room's conditions of the day"),
      heatOn: seconds.optional().describe("s from the start, planned"),
      lift: seconds.optional().describe("s from the start, planned")
    })
  ).min(1).max(24)
}).refine((s) => s.rehearsal || s.speed === 1, { path: ["speed"], message: "1, unless it is a rehearsal" }).meta({ title: "Show", description: "Stagings being performed on one clock." });
var markSchema = z6.strictObject({
  id: z6.uuid(),
  act: z6.string().max(60),
  kind: z6.enum([
    "heat-on",
    "plume",
    "lifted",
    "sealed",
    "gone",
    "nothing",
    "step",
    "gate",
    "outcome",
    "undo",
    "start",
    "closed"
  ]),
  at: z6.number().min(0).max(864e13).describe("ms since 1970"),
  value: z6.string().max(100).optional()
});

// core/formats/shelf.ts
import { z as z7 } from "zod";
var SHELF_FORMAT = "zealous-hush/shelf";
var measured = quantitySchema.optional();
var common = {
  name: z7.string().trim().min(1, "a name of 1 to 120 characters").max(120),
  place: z7.string().max(120).default(""),
  note: z7.string().max(2e3).default("")
};
var count = z7.int().min(0).max(1e5).default(1).describe("how many there are");
var vesselSchema = z7.strictObject({
  kind: z7.literal("vessel"),
  ...common,
  shape: z7.enum(VESSEL_SHAPES).default("cylinder"),
  wallMaterial: z7.string().max(40).default("aluminium"),
  condition: z7.enum(["sound", "dented", "scratched", "unfit"]).default("sound").describe("unfit: not under a pressure difference"),
  count,
  diameter: measured.describe("cylinder, bottle, bell jar"),
  width: measured.describe("box"),
  depth: measured.describe("box"),
  height: measured.describe("all but a flask"),
  mouthDiameter: measured,
  neckLength: measured.describe("bottle"),
  hoopSpacing: measured.describe("cylinder with rolling hoops"),
  stemLength: measured.describe("flask"),
  stemDiameter: measured.describe("flask"),
  wallThickness: measured.describe("measured; otherwise worked out from the empty mass"),
  capacity: measured.describe("measured; otherwise from weighing full and empty"),
  fullMass: measured,
  emptyMass: measured,
  waterTemperature: measured
}).meta({ title: "Vessel" });
var heaterSchema = z7.strictObject({
  kind: z7.literal("heater"),
  ...common,
  heaterKind: z7.enum(HEATER_KINDS).default("plate"),
  ratedPower: quantitySchema,
  efficiency: measured.describe("share that gets into a vessel, where it was measured, with its spread"),
  measuredWith: measured.describe("capacity of the vessel it was measured with: a small one takes a smaller share")
}).meta({ title: "Heater" });
var bathSchema = z7.strictObject({ kind: z7.literal("bath"), ...common, water: quantitySchema, ice: measured, temperature: measured }).meta({ title: "Bath" });
var pumpSchema = z7.strictObject({
  kind: z7.literal("pump"),
  ...common,
  count,
  pumpKind: z7.enum(PUMP_IDS).default("hand"),
  strokeVolume: measured.describe("hand pumps"),
  pumpSpeed: measured.describe("driven pumps"),
  ultimatePressure: measured.describe("lowest absolute pressure that was seen on a closed gauge")
}).meta({ title: "Pump" });
var closureSchema = z7.strictObject({
  kind: z7.literal("closure"),
  ...common,
  count,
  closureKind: z7.enum(["cap", "bung", "stopper", "relief"]).default("cap"),
  fits: measured.describe("opening that it closes"),
  opensAt: measured.describe("relief: overpressure at which it opens")
}).meta({ title: "Bung or cap" });
var thermometerSchema = z7.strictObject({
  kind: z7.literal("thermometer"),
  ...common,
  count,
  least: measured,
  most: measured,
  error: measured.describe("how far it may be off")
}).meta({ title: "Thermometer" });
var protectionSchema = z7.strictObject({
  kind: z7.literal("protection"),
  ...common,
  count,
  protectionKind: z7.enum(["gloves", "tongs", "goggles", "screen", "ear protection", "other"]).default("gloves")
}).meta({ title: "Gloves, goggles and screens" });
var consumableSchema = z7.strictObject({
  kind: z7.literal("consumable"),
  ...common,
  count,
  restockAt: z7.int().min(0).max(1e5).default(0).describe("count at which more is needed")
}).meta({ title: "Consumable" });
var shelfItemSchema = z7.discriminatedUnion("kind", [
  vesselSchema,
  heaterSchema,
  bathSchema,
  pumpSchema,
  closureSchema,
  thermometerSchema,
  protectionSchema,
  consumableSchema
]);
var shelfSchema = z7.strictObject({
  format: z7.literal(SHELF_FORMAT).default(SHELF_FORMAT),
  version: z7.literal(1).default(1),
  items: z7.array(shelfItemSchema)
}).meta({ title: "Shelf", description: "What a prep room has, with measured values." });
var roomSchema = z7.strictObject({
  altitude: measured,
  seaLevelPressure: measured,
  stationPressure: measured,
  airTemperature: measured,
  relativeHumidity: measured
}).meta({ title: "Room", description: "Conditions that hold for every staging that does not state its own." });

// core/formats/shelf-fields.ts
var length = (field, label, least, most, more = {}, units = ["mm", "in"]) => ({ type: "quantity", quantity: "length", field, label, units, range: [least, most], ...more });
var choice2 = (field, label, ids, names = {}) => ({ type: "choice", field, label, choices: ids.map((id) => ({ id, name: names[id] ?? id })) });
var COUNT = { type: "count", field: "count", label: "How many" };
var SHAPE_NAMES = {
  "cylinder": "round (can, tin, drum, tank)",
  "box": "rectangular tin",
  "bottle": "bottle with a neck",
  "flask": "round flask",
  "bell-jar": "bell jar"
};
var SHELF_FIELDS = {
  vessel: [
    choice2("shape", "Shape", ["cylinder", "box", "bottle", "flask", "bell-jar"], SHAPE_NAMES),
    choice2("wallMaterial", "Wall", SOLID_NAMES),
    choice2("condition", "Condition", ["sound", "dented", "scratched", "unfit"], {
      unfit: "unfit for a pressure difference"
    }),
    COUNT,
    length("diameter", "Diameter", 0.02, 8, { shapes: ["cylinder", "bottle", "bell-jar"] }),
    length("width", "Width", 0.02, 1, { shapes: ["box"] }),
    length("depth", "Depth", 0.02, 1, { shapes: ["box"] }),
    length("height", "Height", 0.03, 20, { shapes: ["cylinder", "box", "bottle", "bell-jar"] }),
    length("mouthDiameter", "Mouth", 2e-3, 0.6, { shapes: ["cylinder", "box", "bottle"] }),
    length("neckLength", "Neck length", 1e-3, 0.4, { shapes: ["bottle"], hint: "mouth to shoulder" }),
    length("hoopSpacing", "Between hoops", 0.02, 20, { shapes: ["cylinder"], hint: "if it has any" }),
    length("stemLength", "Stem length", 0.02, 3, { shapes: ["flask"], hint: "tube through its stopper" }),
    length("stemDiameter", "Bore of the stem", 1e-3, 0.05, { shapes: ["flask"] }),
    length("wallThickness", "Wall thickness", 2e-5, 0.03, { hint: "or from the empty mass" }, ["mm", "mil"]),
    {
      type: "quantity",
      quantity: "mass",
      field: "fullMass",
      label: "Brim-full of water",
      units: ["g", "oz"],
      range: [1e-3, 1e3],
      hint: "weigh it full"
    },
    {
      type: "quantity",
      quantity: "mass",
      field: "emptyMass",
      label: "Empty and dry",
      units: ["g", "oz"],
      range: [1e-4, 1e3],
      hint: "weigh it empty"
    },
    {
      type: "quantity",
      quantity: "temperature",
      field: "waterTemperature",
      label: "Water while weighing",
      units: ["degC", "degF"],
      range: [273.16, 372],
      hint: "20 \xB0C"
    },
    {
      type: "quantity",
      quantity: "volume",
      field: "capacity",
      label: "Capacity, if measured otherwise",
      units: ["mL", "floz"],
      range: [1e-6, 100],
      hint: "from weighing"
    }
  ],
  heater: [
    choice2("heaterKind", "Kind", HEATER_KINDS),
    {
      type: "quantity",
      quantity: "power",
      field: "ratedPower",
      label: "Rated power",
      units: ["kW", "BTU/h"],
      range: [20, 1e5]
    },
    {
      type: "quantity",
      quantity: "fraction",
      field: "efficiency",
      label: "Share that gets into a vessel",
      units: ["%", "%"],
      range: [0.02, 0.95],
      hint: "if measured"
    },
    {
      type: "quantity",
      quantity: "volume",
      field: "measuredWith",
      label: "Measured with a vessel of",
      units: ["mL", "floz"],
      range: [1e-5, 0.5],
      hint: "its capacity"
    }
  ],
  bath: [
    { type: "quantity", quantity: "volume", field: "water", label: "Water", units: ["L", "qt"], range: [2e-4, 0.5] },
    {
      type: "quantity",
      quantity: "mass",
      field: "ice",
      label: "Ice",
      units: ["kg", "lb"],
      range: [0, 200],
      hint: "none"
    },
    {
      type: "quantity",
      quantity: "temperature",
      field: "temperature",
      label: "Temperature",
      units: ["degC", "degF"],
      range: [273.15, 372.15],
      hint: "as measured"
    }
  ],
  pump: [
    choice2("pumpKind", "Kind", PUMP_IDS, {
      "hand": "hand piston pump",
      "mouth": "lungs on a hose",
      "cheeks": "cheeks on a hose",
      "kitchen": "kitchen hand pump",
      "jet": "water-jet pump",
      "membrane": "membrane pump",
      "two-stage": "two-stage pump"
    }),
    COUNT,
    {
      type: "quantity",
      quantity: "volume",
      field: "strokeVolume",
      label: "Volume of a stroke",
      units: ["mL", "floz"],
      range: [2e-6, 3e-3],
      hint: "hand pumps"
    },
    {
      type: "quantity",
      quantity: "flow",
      field: "pumpSpeed",
      label: "Pumping speed",
      units: ["L/min", "gal/min"],
      range: [1e-6, 0.05],
      hint: "driven pumps"
    },
    {
      type: "quantity",
      quantity: "pressure",
      field: "ultimatePressure",
      label: "Lowest pressure it reaches",
      units: ["kPa", "psi"],
      range: [1, 9e4],
      hint: "absolute, on a closed gauge"
    }
  ],
  closure: [
    choice2("closureKind", "Kind", ["cap", "bung", "stopper", "relief"], { relief: "relief valve" }),
    COUNT,
    length("fits", "Opening that it closes", 2e-3, 0.3),
    {
      type: "quantity",
      quantity: "pressure",
      field: "opensAt",
      label: "Opens at, over the room",
      units: ["kPa", "psi"],
      range: [100, 5e5],
      hint: "relief valves only"
    }
  ],
  thermometer: [
    COUNT,
    {
      type: "quantity",
      quantity: "temperature",
      field: "least",
      label: "Reads from",
      units: ["degC", "degF"],
      range: [173, 1e3]
    },
    {
      type: "quantity",
      quantity: "temperature",
      field: "most",
      label: "up to",
      units: ["degC", "degF"],
      range: [173, 2e3]
    },
    {
      type: "quantity",
      quantity: "temperatureDifference",
      field: "error",
      label: "May be off by",
      units: ["K", "degF"],
      range: [0, 20]
    }
  ],
  protection: [
    choice2("protectionKind", "Kind", ["gloves", "tongs", "goggles", "screen", "ear protection", "other"]),
    COUNT
  ],
  consumable: [COUNT, { type: "count", field: "restockAt", label: "Get more when down to" }]
};
var ITEM_KINDS = Object.keys(SHELF_FIELDS);

// core/formats/shelf-csv.ts
import Papa3 from "papaparse";
var FIELDS = ITEM_KINDS.flatMap((k) => SHELF_FIELDS[k]).filter(
  (f, i, all) => all.findIndex((g) => g.field === f.field) === i
);

// core/formats/trace-csv.ts
import Papa4 from "papaparse";

// core/formats/json-schemas.ts
import { z as z8 } from "zod";

// .h.ts
import { createHash } from "node:crypto";
for (const d of DEMONSTRATIONS.filter((d2) => d2.gallery.family === "steam" || d2.id === "pumped-can")) {
  const s = new StagingSample(d, { numbers: {}, choices: {}, spreads: {} }, 300, 1);
  s.advance(300);
  const h = createHash("sha1");
  h.update(JSON.stringify([...s.outcomes]));
  h.update(JSON.stringify(d.simulate(resolve(d, { numbers: {}, choices: {} }).values, "trace")));
  for (const k of Object.keys(s)) {
    const v = s[k];
    if (v instanceof Map) for (const [a, b] of v) h.update(a + JSON.stringify([...b]));
    if (v && typeof v === "object" && k === "results") h.update(JSON.stringify(v));
  }
  console.log(d.id, h.digest("hex").slice(0, 12));
}
