import { hourMarks, labelWidth, pack, stretches } from './layout.ts';

const block = (label: string, startMin: number, endMin: number) => ({ item: label, label, startMin, endMin });

test('bars that follow each other share a row when their words fit', () => {
  const { rows, blocks } = pack([block('cut', 0, 30), block('boil', 30, 60)], 3);
  expect(rows).toBe(1);
  expect(blocks.some((each) => each.outside)).toBe(false);
});

test('words too long for a short bar stand behind it, and push the next one to another row', () => {
  const { blocks, rows } = pack(
    [block('wash hands, board and knife', 0, 4), block('slice', 5, 20), block('fry the onions in the oil', 80, 90)],
    3,
  );
  expect(rows).toBe(2);
  const [one, two, three] = blocks;
  expect(one!.outside).toBe(true);
  expect(one!.row).not.toBe(two!.row);
  expect(three!.row).toBe(0);
});

test('no words ever lie under another bar of their row', () => {
  const bars = Array.from({ length: 60 }, (_, at) =>
    block('x'.repeat((at * 7) % 23), at * 5, at * 5 + ((at * 13) % 17) + 1),
  );
  for (const px of [0.3, 1, 3, 12]) {
    const { blocks } = pack(bars, px);
    for (const one of blocks)
      for (const two of blocks) {
        if (one === two || one.row !== two.row || two.startMin < one.startMin) continue;
        const end =
          one.startMin * px +
          Math.max(6, (one.endMin - one.startMin) * px) +
          (one.outside ? labelWidth(one.label) - 18 : 0);
        expect(two.startMin * px).toBeGreaterThanOrEqual(end);
      }
  }
});

test('the evening before is a stretch of its own', () => {
  expect(
    stretches([
      { startMin: -1300, endMin: -1280 },
      { startMin: -400, endMin: -380 },
      { startMin: -200, endMin: 0 },
    ]),
  ).toEqual([
    { fromMin: -1300, toMin: -1280 },
    { fromMin: -400, toMin: 0 },
  ]);
});

test.each([
  [0.05, [-1440 - 1110 + 2880 - 1440]],
  [1.1, [-150, -90, -30]],
  [
    5,
    [-180, -165, -150, -135, -120, -105, -90, -75, -60, -45, -30, -15, 0].filter(
      (moment) => (moment + 1110) % 15 === 0,
    ),
  ],
])('marks at %d px a minute stand on full hours by the clock, and never crowd', (px, expected) => {
  const marks = hourMarks(18 * 60 + 30, px < 0.1 ? -1200 : -180, 0, px);
  expect(marks).toEqual(expected);
});
