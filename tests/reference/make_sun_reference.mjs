// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Writes tests/data/sun_reference.csv with the npm package astronomy-engine (MIT; VSOP87, checked by its
// author against JPL's ephemerides): npm install astronomy-engine; node make_sun_reference.mjs > sun_reference.csv
import * as A from "astronomy-engine";

let state = 12345;
const random = () => (state = (state * 48271) % 2147483647) / 2147483647;
const between = (a, b) => a + (b - a) * random();
const iso = (d) => d.toISOString().slice(0, 19) + "Z";

console.log("utc,latitude,longitude,height_no_refraction,azimuth,rise,set");
for (let i = 0; i < 200; ++i) {
  const t = new Date(Math.round(between(Date.UTC(1950, 0, 1), Date.UTC(2060, 0, 1)) / 1000) * 1000);
  const latitude = +between(-65, 65).toFixed(4), longitude = +between(-180, 180).toFixed(4);
  const observer = new A.Observer(latitude, longitude, 0);
  const equator = A.Equator(A.Body.Sun, t, observer, true, true);
  const horizon = A.Horizon(t, observer, equator.ra, equator.dec, null);
  // Rise and set around the local noon of that UTC date.
  const noon = new Date(Date.UTC(t.getUTCFullYear(), t.getUTCMonth(), t.getUTCDate(), 12) - longitude * 240000);
  const half = new Date(noon.getTime() - 12 * 3600000);
  const rise = A.SearchRiseSet(A.Body.Sun, observer, +1, half, 0.5);
  const set = A.SearchRiseSet(A.Body.Sun, observer, -1, noon, 0.5);
  console.log([iso(t), latitude, longitude, horizon.altitude.toFixed(4), horizon.azimuth.toFixed(4),
               rise ? iso(rise.date) : "", set ? iso(set.date) : ""].join(","));
}
