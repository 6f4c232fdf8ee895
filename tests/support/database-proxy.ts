import { connect, createServer, type Socket } from 'node:net';

/** A stand-in on the way to the database that can be pulled and put back, like a cable. */
export interface DatabaseProxy {
  readonly url: string;
  pull(): void;
  putBack(): void;
  close(): Promise<void>;
}

export async function makeDatabaseProxy(target: string): Promise<DatabaseProxy> {
  const { hostname, port } = new URL(target);
  const sockets = new Set<Socket>();
  let pulled = false;
  const server = createServer((socket) => {
    if (pulled) {
      socket.destroy();
      return;
    }
    const onward = connect(Number(port), hostname);
    for (const each of [socket, onward]) {
      sockets.add(each);
      each.on('error', () => each.destroy());
      each.on('close', () => sockets.delete(each));
    }
    socket.pipe(onward).pipe(socket);
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const address = server.address();
  const url = new URL(target);
  url.port = String(typeof address === 'object' && address ? address.port : 0);
  return {
    url: url.href,
    pull: () => {
      pulled = true;
      for (const socket of sockets) socket.destroy();
    },
    putBack: () => (pulled = false),
    close: () =>
      new Promise((resolve) => {
        for (const socket of sockets) socket.destroy();
        server.close(() => resolve());
      }),
  };
}

/** What the server says when an administrator ends a connection, as it goes over the wire. */
const ENDED = (() => {
  const fields = Buffer.from(
    'SFATAL\0VFATAL\0C57P01\0Mterminating connection due to administrator command\0\0',
  );
  const head = Buffer.alloc(5);
  head.write('E');
  head.writeInt32BE(fields.length + 4, 1);
  return Buffer.concat([head, fields]);
})();
const READY = Buffer.from([0x5a, 0, 0, 0, 5]);

/** A stand-in that ends every connection in the very bytes in which the database says that it is ready, until it is told not to. */
export async function makeEndingProxy(target: string): Promise<{ readonly url: string; ended(): number; relent(): void; close(): Promise<void> }> {
  const { hostname, port } = new URL(target);
  const sockets = new Set<Socket>();
  let [count, relents] = [0, false];
  const server = createServer((socket) => {
    const onward = connect(Number(port), hostname);
    for (const each of [socket, onward]) {
      sockets.add(each);
      each.on('error', () => each.destroy());
      each.on('close', () => sockets.delete(each));
    }
    socket.pipe(onward);
    onward.on('data', (data: Buffer) => {
      if (relents || !data.includes(READY)) return void socket.write(data);
      count++;
      socket.write(Buffer.concat([data, ENDED]), () => socket.destroy());
      onward.destroy();
    });
    onward.on('end', () => socket.end());
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const address = server.address();
  const url = new URL(target);
  url.port = String(typeof address === 'object' && address ? address.port : 0);
  return {
    url: url.href,
    ended: () => count,
    relent: () => (relents = true),
    close: () =>
      new Promise((resolve) => {
        for (const socket of sockets) socket.destroy();
        server.close(() => resolve());
      }),
  };
} // prettier-ignore
