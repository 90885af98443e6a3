// npm start: serves what was built; npm run dev: serves while you work. On this machine alone unless HOST says otherwise.
import { serve } from './ensure.mjs';

serve(process.argv[2] === 'dev' ? 'dev' : 'start', Number(process.env.PORT ?? 3000));
