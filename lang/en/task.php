<?php

return [
    'no-hint' => 'Nothing is wrong with what stands.',
    'answered' => ':right of :asked answers are right.',
    'kind' => ['wire' => 'wire it from bare', 'finish' => 'finish it', 'parts' => 'choose the parts', 'names' => 'name screws and cables', 'predict' => 'say what the light does', 'trace' => 'trace the current'],
    'rule-set' => ['trainer' => 'As a trainer', 'inspector' => 'As an inspector'],
    'rule-set-note' => ['trainer' => 'Remarks are told and cost nothing.', 'inspector' => 'Everything that the code forbids fails.'],
    'dropped' => '":rule" is a fault by now, whatever a task says: the rule was dropped.',
];
