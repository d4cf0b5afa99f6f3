<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Core\Quote\Documents;

/** The quote from the command line, as a script would ask for it. */
final class QuoteCommandTest extends TestCase
{
    public function test_a_document_gives_its_receipt(): void
    {
        [$status, $answer] = $this->ask(json_encode(Documents::valid(), JSON_THROW_ON_ERROR));

        self::assertSame([0, '13.70'], [$status, $answer['total'] ?? null]);
    }

    public function test_a_wrong_document_gives_every_error_and_status_2(): void
    {
        [$status, $answer] = $this->ask(json_encode(Documents::with(['cart.0.quantity' => 0, 'country' => '<error>']), JSON_THROW_ON_ERROR));

        self::assertSame([2, ['cart[0].quantity', 'country']], [$status, array_column((array) ($answer['errors'] ?? []), 'at')]);
    }

    public function test_what_is_not_json_has_one_error(): void
    {
        [$status, $answer] = $this->ask('honey');

        self::assertSame([2, ['']], [$status, array_column((array) ($answer['errors'] ?? []), 'at')]);
    }

    /** @return array{int|null, array<mixed>} */
    private function ask(string $document): array
    {
        $process = new Process([PHP_BINARY, 'artisan', 'quote'], dirname(__DIR__, 2), input: $document);
        $process->run();

        return [$process->getExitCode(), (array) json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR)];
    }
}
