<?php

return [
    'run-title' => 'Run :run, :length m',
    'run' => 'run',
    'cores' => 'end to end, Ω at 20 °C',
    'lamp' => 'lamp',
    'drop' => 'volt drop, V (limit :limit)',
    'never-lit' => 'Not calculated: as wired, the lamp never lights fully.',
    'load' => '{1} :count lampholder at :watt W: :ampere A.|[0,*] :count lampholders at :watt W each: :ampere A.',
    'load-fits' => '{1} :count lampholder at :watt W: :ampere A of :breaker A (max. :most).|[0,*] :count lampholders at :watt W each: :ampere A of :breaker A (max. :most).',
    'load-too-much' => '[0,*] :count lampholders at :watt W each: :ampere A is more than the :breaker A breaker allows (max. :most).',
    'no-length' => 'No length given for :runs, so nothing is calculated there.',
    'zs' => 'Max. measured Zs on a :breaker A type B breaker: :zs Ω (0.8 × :table Ω, Table 41.3). It is R1+R2 plus the external loop.',
    'sources' => 'Volt drop from BS 7671 Table 4D5, resistances from BS EN 60228, load from the On-Site Guide, all quoted from memory: check your copy. Measure on the real board.',
];
