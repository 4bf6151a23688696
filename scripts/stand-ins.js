/** npm run stand-ins: a simulated cutter and a simulated supplier on local ports, for trying out what talks to them. */
import { installPackages } from './setup.js';

installPackages();
const { startCutter } = await import('./stand-ins/cutter.js');
const { startSupplier } = await import('./stand-ins/supplier.js');
const cutter = await startCutter({ port: Number(process.env.CUTTER_PORT ?? 4180) });
const supplier = await startSupplier({ port: Number(process.env.SUPPLIER_PORT ?? 4181) });
console.log(`A simulated cutter: start the server with CUTTER_URL=${cutter.address}`);
console.log(`A simulated supplier: start the server with SUPPLIER_URL=${supplier.address}`);
