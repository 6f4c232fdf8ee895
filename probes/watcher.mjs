/** Asks for a page again and again for so many milliseconds, in a process of its own so that whoever presses does not slow it; prints the milliseconds of each, −1 where it failed. */
const [url, longest] = [process.argv[2] ?? '', Number(process.argv[3])];
const times = [];
for (const until = performance.now() + longest; performance.now() < until;) {
  const began = performance.now();
  const answer = await fetch(url, { signal: AbortSignal.timeout(60_000) }).catch(() => null);
  const isWhole = await answer?.arrayBuffer().then(
    () => true,
    () => false,
  );
  times.push(answer?.ok && isWhole ? performance.now() - began : -1);
  await new Promise((done) => setTimeout(done, 20));
}
console.log(JSON.stringify(times));
