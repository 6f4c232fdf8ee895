import { spawn } from 'node:child_process';

/**
 * Runs a command to its end.
 * @param {string} command
 * @param {readonly string[]} args
 * @param {{ cwd?: string, env?: NodeJS.ProcessEnv, show?: boolean, input?: string }} [options]
 *   `show` lets it print; otherwise what it prints is collected.
 * @returns {Promise<{ code: number, output: string }>}
 */
export function runCommand(command, args, { cwd, env, show = false } = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, {
      cwd,
      env: env ?? process.env,
      stdio: show ? ['ignore', 'inherit', 'inherit'] : ['ignore', 'pipe', 'pipe'],
    });
    let output = '';
    child.stdout?.on('data', (chunk) => (output += String(chunk)));
    child.stderr?.on('data', (chunk) => (output += String(chunk)));
    child.on('error', (error) => resolve({ code: 127, output: String(error) }));
    child.on('exit', (code, signal) => resolve({ code: code ?? (signal ? 1 : 0), output }));
  });
}
