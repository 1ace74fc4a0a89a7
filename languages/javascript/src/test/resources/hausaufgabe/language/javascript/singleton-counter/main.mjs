import { registry } from './registry.mjs';

registry().enter('Seeschwalbe');
console.log(registry().numberOf('Seeschwalbe'));
