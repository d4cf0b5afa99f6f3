<?php

declare(strict_types=1);

namespace App\Console\Commands;

trait ReadsText
{
    private function text(string $argument): string
    {
        $value = $this->argument($argument);

        return is_string($value) ? $value : '';
    }

    private function optionText(string $option): string
    {
        $value = $this->option($option);

        return is_string($value) ? $value : '';
    }
}
