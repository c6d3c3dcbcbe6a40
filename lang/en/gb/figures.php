<?php

return [
    'run-title' => 'Run :run, :length m',
    'run' => 'run',
    'cores' => 'end to end, Ω at 20 °C',
    'lamp' => 'lamp',
    'drop' => 'volt drop, V (limit :limit)',
    'never-lit' => 'Not worked out: as it is wired the lamp never lights fully.',
    'load' => '{1} :count lampholder at :watt W: :ampere A.|[0,*] :count lampholders at :watt W each: :ampere A.',
    'load-fits' => '{1} :count lampholder at :watt W: :ampere A of :breaker A (:most at most).|[0,*] :count lampholders at :watt W each: :ampere A of :breaker A (:most at most).',
    'load-too-much' => '[0,*] :count lampholders at :watt W each: :ampere A is more than the :breaker A of the breaker (:most at most).',
    'no-length' => 'No length is given for :runs: what passes there is not worked out.',
    'zs' => 'Behind a type B breaker of :breaker A the whole loop may read :zs Ω at most when measured cold (0.8 of the :table Ω of Table 41.3): R1+R2 and what lies outside.',
    'sources' => 'Volt drop by BS 7671 Table 4D5, resistances by BS EN 60228, load by the On-Site Guide, all cited from memory: check your copy. Measure on the real board.',
];
