/** Before all tests: the seed that the property tests of this run share. */
export default function announceSeed() {
  process.env.APRON_SEED ??= String(Math.floor(Math.random() * 2 ** 31));
  process.stdout.write(
    `property tests: seed ${process.env.APRON_SEED} (APRON_SEED=${process.env.APRON_SEED} repeats this run)\n`,
  );
}
