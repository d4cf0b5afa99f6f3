<?php

declare(strict_types=1);

require __DIR__.'/../vendor/autoload.php';

// Eris draws its samples from a seed that it prints when a law fails; a fixed one makes every run the same.
putenv('ERIS_SEED='.(getenv('ERIS_SEED') ?: '20260420'));

// What one process sweeps away of a folder is none of the others', nor of the servers.
$_SERVER['KITE_REPORTS'] = $_ENV['KITE_REPORTS'] = (getenv('KITE_REPORTS') ?: sys_get_temp_dir().'/paper-kite-reports').'-tests'.(getenv('TEST_TOKEN') ?: '');
putenv("KITE_REPORTS={$_ENV['KITE_REPORTS']}");
foreach (['KITE_FILES', 'KITE_SAMPLES'] as $folder) {
    $_SERVER[$folder] = $_ENV[$folder] = (getenv($folder) ?: sys_get_temp_dir().'/paper-kite-'.strtolower(substr($folder, 5))).'-tests'.(getenv('TEST_TOKEN') ?: '');
    putenv("{$folder}={$_ENV[$folder]}");
}

// Where several processes run tests, each has a database of its own: what one has not taken back yet would stand in the others' way.
$token = getenv('TEST_TOKEN');
if (is_string($token) && $token !== '') {
    $_SERVER['DB_DATABASE'] = $_ENV['DB_DATABASE'] = getenv('DB_DATABASE')."_{$token}";
    putenv("DB_DATABASE={$_ENV['DB_DATABASE']}");
}
