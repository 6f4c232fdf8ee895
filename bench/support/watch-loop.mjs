/** Loaded into a server under measurement: says over LOOP_PORT how long its event loop was held at most since it was last asked, in milliseconds, and what memory it takes. */
import { createServer } from 'node:http';
import { monitorEventLoopDelay } from 'node:perf_hooks';

if (process.env.LOOP_PORT) {
  const delay = monitorEventLoopDelay({ resolution: 5 });
  delay.enable();
  createServer((_, response) => {
    const { rss, heapUsed } = process.memoryUsage();
    const held = delay.max / 1e6;
    delay.reset();
    response.end(JSON.stringify({ held, rss, heapUsed }));
  })
    .listen(Number(process.env.LOOP_PORT), '127.0.0.1')
    .unref();
  delete process.env.LOOP_PORT;
}
