<?php

declare(strict_types=1);

// Says which tests took longest and which classes, from PHPUnit's logs, and sums the parts up as PHPUnit sums up each.

const SHOWN = 20;

/** @var list<string> $argv */
[$tests, $assertions, $wrong] = [0, 0, 0];
$seconds = $classes = [];
foreach (array_slice($argv, 1) as $file) {
    $log = is_file($file) ? simplexml_load_file($file) : false;
    if ($log === false) {
        fwrite(STDERR, "{$file} is no log of PHPUnit.\n");
        exit(1);
    }
    foreach ($log->xpath('//testcase') ?: [] as $case) {
        $tests++;
        $assertions += (int) $case['assertions'];
        $wrong += count($case->failure) + count($case->error);
        $class = (string) preg_replace('/^Tests\\\\/', '', (string) $case['class']);
        $seconds["{$class}::{$case['name']}"] = (float) $case['time'];
        $classes[$class] = ($classes[$class] ?? 0.0) + (float) $case['time'];
    }
}

foreach (['tests' => $seconds, 'classes' => $classes] as $what => $times) {
    arsort($times);
    echo "\nThe slowest {$what}, in seconds:\n";
    foreach (array_slice($times, 0, SHOWN, true) as $name => $time) {
        printf("%7.1f  %s\n", $time, mb_strimwidth($name, 0, 140, '…'));
    }
}
echo $wrong === 0 ? "\nOK ({$tests} tests, {$assertions} assertions)\n" : "\nFAILURES!\nTests: {$tests}, Assertions: {$assertions}, Failures and errors: {$wrong}.\n";
exit($wrong === 0 ? 0 : 1);
