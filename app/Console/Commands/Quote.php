<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use PaperKite\Quote\Document\DocumentReader;
use PaperKite\Quote\Document\ReceiptWriter;
use PaperKite\Quote\Quote as Calculation;
use PaperKite\Quote\Unquotable;
use Symfony\Component\Console\Output\OutputInterface;

/** What the shopper pays, for a quote document on standard input; see docs/quote.md. */
final class Quote extends Command
{
    protected $signature = 'quote';

    protected $description = 'Reads a quote document (JSON) from standard input and prints its receipt';

    public function handle(): int
    {
        try {
            $answer = ReceiptWriter::receipt(Calculation::of(DocumentReader::read($this->input())));
            $status = self::SUCCESS;
        } catch (Unquotable $unquotable) {
            $answer = ReceiptWriter::faults($unquotable);
            $status = self::INVALID;
        }
        // Raw, so that nothing in a name is taken for the console's own markup.
        $this->output->writeln($answer, OutputInterface::OUTPUT_RAW);

        return $status;
    }

    private function input(): string
    {
        return (string) stream_get_contents(STDIN);
    }
}
