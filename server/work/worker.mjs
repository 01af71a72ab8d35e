import { register } from 'tsx/esm/api';

// A thread reads TypeScript as the server does, however that was started.
register();
await import('./worker.ts');
