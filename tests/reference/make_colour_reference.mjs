// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Makes tests/data/colour_reference.csv with two independent libraries (npm: colorjs.io for spaces and adaptation, culori
// for differences): random XYZ colours relative to D50 within and around BT.2020, and pairs of them.
// Usage: npm install colorjs.io culori; node make_colour_reference.mjs > colour_reference.csv
import Color from 'colorjs.io';
import { differenceCiede2000, differenceCie94, differenceCie76, differenceCmc } from 'culori';

let state = 20260514;
const random = () => { state = (Math.imul(state, 1664525) + 1013904223) >>> 0; return state / 4294967296; };
const n = (v) => Number(v).toPrecision(12);
console.log('# colorjs.io and culori, see tests/reference/make_colour_reference.mjs');
console.log('x,y,z,L,a,b,srgb_r,srgb_g,srgb_b,p3_r,p3_g,p3_b,rec2020_r,rec2020_g,rec2020_b,acescg_r,acescg_g,acescg_b,' +
  'L2,a2,b2,de76,de94,cmc21,de2000');
// culori's formulas work in its lab65; the numbers are what counts, so both are handed over as that.
const d2000 = differenceCiede2000(), d94 = differenceCie94(), d76 = differenceCie76(), dcmc = differenceCmc(2, 1);
for (let i = 0; i < 2000; ++i) {
  const c = new Color('rec2020-linear', [random(), random(), random()].map((v) => 0.001 + v * v));
  const xyz = c.to('xyz-d50').coords, lab = c.to('lab').coords;
  const near = i % 2 === 0 ? 8 : 60;
  const lab2 = [Math.min(100, Math.max(0, lab[0] + near * (random() - 0.5))), lab[1] + near * (random() - 0.5), lab[2] + near * (random() - 0.5)];
  const one = { mode: 'lab65', l: lab[0], a: lab[1], b: lab[2] }, two = { mode: 'lab65', l: lab2[0], a: lab2[1], b: lab2[2] };
  const row = [...xyz, ...lab, ...c.to('srgb').coords, ...c.to('p3').coords, ...c.to('rec2020-linear').coords, ...c.to('acescg').coords,
    ...lab2, d76(one, two), d94(one, two), dcmc(one, two), d2000(one, two)];
  console.log(row.map(n).join(','));
}
