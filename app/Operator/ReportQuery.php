<?php

declare(strict_types=1);

namespace App\Operator;

use Illuminate\Database\QueryException;
use Psr\Log\LoggerInterface;

/** Writes a failed statement into the log without what it held: names and addresses are nobody's to read there. */
final readonly class ReportQuery
{
    private const FRAMES = 12;

    public function __construct(private LoggerInterface $log) {}

    public function __invoke(QueryException $failure): void
    {
        $code = $failure->errorInfo[1] ?? $failure->getCode();
        $trace = array_map(
            static fn (array $frame): string => ($frame['file'] ?? '?').':'.($frame['line'] ?? '?'),
            array_slice($failure->getTrace(), 0, self::FRAMES),
        );
        $this->log->error('A statement failed: error '.(is_scalar($code) ? $code : '?').", {$failure->getSql()}", ['trace' => $trace]);
    }
}
