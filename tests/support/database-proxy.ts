import { connect, createServer, type Socket } from 'node:net';

/** A stand-in on the way to the database that can be pulled and put back, like a cable. */
export interface DatabaseProxy {
  readonly url: string;
  pull(): void;
  putBack(): void;
  close(): Promise<void>;
}

/** Listens in front of a database: each connection with the one onward, watched so that what breaks is dropped. */
async function standBefore(
  target: string,
  join: (socket: Socket, onward: Socket) => void,
): Promise<{ url: string; dropAll: () => void; close: () => Promise<void> }> {
  const { hostname, port } = new URL(target);
  const sockets = new Set<Socket>();
  const dropAll = (): void => {
    for (const socket of sockets) socket.destroy();
  };
  const server = createServer((socket) => {
    const onward = connect(Number(port), hostname);
    for (const each of [socket, onward]) {
      sockets.add(each);
      each.on('error', () => each.destroy());
      each.on('close', () => sockets.delete(each));
    }
    join(socket, onward);
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const address = server.address();
  const url = new URL(target);
  url.port = String(typeof address === 'object' && address ? address.port : 0);
  const close = (): Promise<void> =>
    new Promise((resolve) => {
      dropAll();
      server.close(() => resolve());
    });
  return { url: url.href, dropAll, close };
}

export async function makeDatabaseProxy(target: string): Promise<DatabaseProxy> {
  let pulled = false;
  const { url, dropAll, close } = await standBefore(target, (socket, onward) => {
    if (!pulled) return void socket.pipe(onward).pipe(socket);
    socket.destroy();
    onward.destroy();
  });
  return {
    url,
    pull: () => {
      pulled = true;
      dropAll();
    },
    putBack: () => (pulled = false),
    close,
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
export async function makeEndingProxy(
  target: string,
): Promise<{ readonly url: string; ended(): number; relent(): void; close(): Promise<void> }> {
  let [count, relents] = [0, false];
  const { url, close } = await standBefore(target, (socket, onward) => {
    socket.pipe(onward);
    onward.on('data', (data: Buffer) => {
      if (relents || !data.includes(READY)) return void socket.write(data);
      count++;
      socket.write(Buffer.concat([data, ENDED]), () => socket.destroy());
      onward.destroy();
    });
    onward.on('end', () => socket.end());
  });
  return { url, ended: () => count, relent: () => (relents = true), close };
}
