/**
 * npm run mutation -- [room or room/file.ts ...]: mutation testing of rooms of the core, by default those that judge and follow residues.
 * A whole room can take hours; a file of it is held against all tests of its room, and leaves a report of its own. With `--own` it is held
 * against the test of its own name alone: minutes, and a score that the room can only raise. With `--survivors`, after that, those that its own
 * test let live are held against the room's other tests, and the score of both is told.
 */
import { spawnSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';

const flags = ['--own', '--survivors'];
const [own, survivors] = flags.map((flag) => process.argv.includes(flag));
const named = process.argv.slice(2).filter((word) => !flags.includes(word));
const subjects = named.length > 0 ? named : ['audit', 'fit', 'exposure', 'ledger', 'state'];
const reportOf = (subject) => `test-results/mutation-${subject.replace('/', '-')}.json`;

/** The mutants of a report, each with what it is called in any run: where it stands and what stands there instead. */
const mutantsOf = (report) =>
  Object.entries(report.files).flatMap(([file, { mutants }]) =>
    mutants.map((mutant) => {
      const { start, end } = mutant.location;
      // A report counts columns from one, what is to be mutated from none.
      const place = `${file}:${start.line}:${start.column - 1}-${end.line}:${end.column}`;
      return { ...mutant, place, name: `${place} ${mutant.replacement}` };
    }),
  );
const isAlive = ({ status }) => status === 'Survived' || status === 'NoCoverage';
const run = (subject, more) =>
  spawnSync('npx', ['--no-install', 'stryker', 'run'], {
    stdio: 'inherit',
    env: { ...process.env, LUPIN_MUTATE: subject, LUPIN_MUTATION: '1', ...more },
  }).status === 0;

/** Holds what survived against the room, and writes down the score of both. */
function again(subject) {
  const before = JSON.parse(readFileSync(reportOf(subject), 'utf8'));
  const left = mutantsOf(before).filter(isAlive);
  if (left.length === 0) return true;
  const ok = run(subject, {
    LUPIN_MUTATE_AT: [...new Set(left.map(({ place }) => place))].join(),
    ...(own && { LUPIN_OWN: '1' }),
  });
  const now = new Map(mutantsOf(JSON.parse(readFileSync(reportOf(subject), 'utf8'))).map((each) => [each.name, each]));
  for (const { mutants } of Object.values(before.files))
    for (const mutant of mutants) {
      const found = left.find(({ id }) => id === mutant.id);
      if (found) mutant.status = now.get(found.name)?.status ?? mutant.status;
    }
  writeFileSync(reportOf(subject), JSON.stringify(before));
  const all = mutantsOf(before);
  const killed = all.filter(({ status }) => status === 'Killed' || status === 'Timeout').length;
  const alive = all.filter(isAlive);
  for (const { place, replacement } of alive) console.log(`alive: ${place} => ${replacement}`);
  console.log(
    `${subject}: ${killed} of ${killed + alive.length} killed, ${((100 * killed) / (killed + alive.length)).toFixed(1)} %`,
  );
  return ok;
}

let failed = false;
for (const subject of subjects) {
  console.log(`\n— ${subject}`);
  failed = !(survivors ? again(subject) : run(subject, own ? { LUPIN_OWN: '1' } : {})) || failed;
}
process.exit(failed ? 1 : 0);
