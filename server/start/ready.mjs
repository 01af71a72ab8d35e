// Makes a fresh Debian machine ready: Debian's packages and those of the lock file, only what is missing.
// Plain Node with nothing installed runs this, so it uses nothing but Node's own modules.
import { execFileSync, spawnSync } from 'node:child_process';
import { existsSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { join } from 'node:path';

const root = fileURLToPath(new URL('../..', import.meta.url));
const withBrowser = process.argv.includes('--browser');

const fail = (message) => {
  console.error(`\n${message}\n`);
  process.exit(1);
};

const [major, minor] = process.versions.node.split('.').map(Number);
if (major < 20 || (major === 20 && minor < 19))
  fail(`Wide Shelf needs Node.js 20.19 or newer; this is ${process.versions.node}.`);

const postgresThere = () => {
  try {
    return readdirSync('/usr/lib/postgresql').some((version) =>
      existsSync(join('/usr/lib/postgresql', version, 'bin', 'initdb')),
    );
  } catch {
    return false;
  }
};
const wanted = [];
if (!postgresThere()) wanted.push('postgresql');
if (withBrowser && !existsSync('/usr/bin/chromium-headless-shell')) wanted.push('chromium-headless-shell');

if (wanted.length) {
  const command = `apt-get install -y ${wanted.join(' ')}`;
  if (process.getuid?.() !== 0)
    fail(
      `Missing from this machine: ${wanted.join(', ')}. Install with "sudo ${command}", then start again.`,
    );
  console.log(`Installing from Debian: ${wanted.join(', ')} …`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  spawnSync('apt-get', ['update', '-qq'], { stdio: ['ignore', 'ignore', 'inherit'], env });
  const installed = spawnSync('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...wanted], {
    stdio: ['ignore', 'ignore', 'inherit'],
    env,
  });
  if (installed.error || installed.status !== 0)
    fail(`Could not install ${wanted.join(', ')}. Try "${command}" yourself and read what it says.`);
}

// Packages are installed when they never were, or when the lock file is newer than what was installed.
const mark = join(root, 'node_modules', '.installed-from');
const lock = readFileSync(join(root, 'package-lock.json'), 'utf8');
const fresh =
  existsSync(mark) &&
  readFileSync(mark, 'utf8') === lock &&
  statSync(join(root, 'node_modules')).isDirectory();
if (!fresh) {
  console.log('Installing packages from the lock file …');
  try {
    execFileSync('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
      cwd: root,
      stdio: 'inherit',
    });
  } catch {
    fail('Could not install the packages. Is the package registry within reach? Try "npm ci" yourself.');
  }
  writeFileSync(mark, lock);
}
