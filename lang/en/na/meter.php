<?php

return [
    'caution-dead' => 'Only measure ohms on a dead circuit: isolate, lock off, prove dead, and prove the tester before and after. A simulation proves nothing about a real board.',
];
