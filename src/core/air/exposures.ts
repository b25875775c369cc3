// Generated from data/solvents.csv by scripts/library.ts. Do not edit: change the CSV and run `npm run library`.
import type { Exposure } from './exposure.ts'

export const exposures: Readonly<Record<string, Exposure>> = {
  gum_turpentine: {"vapourKPa":{"low":0.25,"mid":0.5,"high":0.67},"molarG":136.2,"commonMgPerM3":566,"strictMgPerM3":112,"sensitises":true},
  mineral_spirit_dearomatised_low_flash: {"vapourKPa":{"low":0.15,"mid":0.22,"high":0.35},"molarG":148,"commonMgPerM3":1200,"strictMgPerM3":300,"sensitises":false},
  mineral_spirit_dearomatised_high_flash: {"vapourKPa":{"low":0.03,"mid":0.06,"high":0.1},"molarG":162,"commonMgPerM3":1200,"strictMgPerM3":300,"sensitises":false},
  white_spirit_aromatic: {"vapourKPa":{"low":0.2,"mid":0.28,"high":0.45},"molarG":142,"commonMgPerM3":575,"strictMgPerM3":116,"sensitises":false},
  d_limonene: {"vapourKPa":{"low":0.18,"mid":0.2,"high":0.22},"molarG":136.2,"commonMgPerM3":167,"strictMgPerM3":28,"sensitises":true},
  spike_lavender_oil: {"vapourKPa":{"low":0.05,"mid":0.1,"high":0.2},"molarG":153,"commonMgPerM3":null,"strictMgPerM3":12,"sensitises":true},
  isoparaffin: {"vapourKPa":{"low":0.08,"mid":0.15,"high":0.3},"molarG":158,"commonMgPerM3":1200,"strictMgPerM3":300,"sensitises":false},
  ethanol: {"vapourKPa":{"low":5.7,"mid":5.85,"high":5.95},"molarG":46.07,"commonMgPerM3":1900,"strictMgPerM3":380,"sensitises":false},
  acetone: {"vapourKPa":{"low":24,"mid":24.5,"high":24.7},"molarG":58.08,"commonMgPerM3":1210,"strictMgPerM3":594,"sensitises":false},
  fast_spirit: {"vapourKPa":{"low":2,"mid":3.2,"high":5},"molarG":106,"commonMgPerM3":1200,"strictMgPerM3":600,"sensitises":false},
  isopropanol: {"vapourKPa":{"low":4,"mid":4.3,"high":4.4},"molarG":60.1,"commonMgPerM3":999,"strictMgPerM3":500,"sensitises":false},
  xylene: {"vapourKPa":{"low":0.8,"mid":0.9,"high":1.1},"molarG":106.2,"commonMgPerM3":442,"strictMgPerM3":221,"sensitises":false},
  odourless_kerosene: {"vapourKPa":{"low":0.01,"mid":0.03,"high":0.06},"molarG":170,"commonMgPerM3":1200,"strictMgPerM3":300,"sensitises":false},
}
