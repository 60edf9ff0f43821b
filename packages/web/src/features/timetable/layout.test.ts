import { labelWidth, pack, stretches } from './layout.ts';

const block = (label: string, startMin: number, endMin: number) => ({ item: label, label, startMin, endMin });

test('bars that follow each other share a row when their words fit', () => {
  const { rows } = pack([block('cut', 0, 30), block('boil', 30, 60)], 3);
  expect(rows).toBe(1);
});

test('a short bar with long words pushes the next one to another row, so that nothing is cut off', () => {
  const { blocks, rows } = pack([block('wash hands, board and knife', 0, 4), block('slice', 5, 20)], 3);
  expect(rows).toBe(2);
  const [one, two] = blocks;
  expect(one!.row === two!.row && one!.startMin * 3 + labelWidth(one!.label) > two!.startMin * 3).toBe(false);
});

test('the evening before is a stretch of its own', () => {
  expect(stretches([{ startMin: -1300, endMin: -1280 }, { startMin: -400, endMin: -380 }, { startMin: -200, endMin: 0 }])).toEqual([{ fromMin: -1300, toMin: -1280 }, { fromMin: -400, toMin: 0 }]);
});
