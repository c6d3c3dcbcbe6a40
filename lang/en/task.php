<?php

return [
    'no-hint' => 'Nothing is wrong with what stands.',
    'answered' => ':right of :asked answers are right.',
    'kind' => ['wire' => 'wire it from bare', 'finish' => 'finish it', 'parts' => 'choose the parts', 'names' => 'name screws and cables', 'predict' => 'say what the light does', 'trace' => 'trace the current'],
];
