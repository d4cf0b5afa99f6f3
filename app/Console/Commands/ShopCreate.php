<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Shop;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use PaperKite\Money\Currency;
use PaperKite\Refusal;
use PaperKite\Text\Line;

final class ShopCreate extends Command
{
    use ReadsText;

    protected $signature = 'shop:create
        {slug : Names the shop in the console’s addresses: a-z, 0-9 and -}
        {name : As shoppers read it}
        {host : Where shoppers find it, such as honey.example}
        {--currency=EUR : ISO 4217}';

    protected $description = 'Makes a shop on a host of its own';

    public function handle(): int
    {
        $slug = $this->text('slug');
        $host = strtolower($this->text('host'));
        try {
            $name = Line::of($this->text('name'), 'The name', 120)->text;
            $currency = Currency::of($this->optionText('currency'));
        } catch (Refusal $refusal) {
            return $this->refuse($refusal->getMessage());
        }
        $problem = match (true) {
            preg_match('/\A[a-z0-9-]{1,40}\z/', $slug) !== 1 => "“{$slug}” can’t be a slug; use a-z, 0-9 and -, at most 40.",
            filter_var($host, FILTER_VALIDATE_DOMAIN, FILTER_FLAG_HOSTNAME) === false => "“{$host}” is not a host name; give one without scheme and port.",
            $host === config('kite.console_host'), Shop::query()->where('slug', $slug)->orWhere('host', $host)->exists(),
            DB::table('former_hosts')->where('host', $host)->exists() => 'This slug or host is taken; choose another.',
            default => null,
        };
        if ($problem !== null) {
            return $this->refuse($problem);
        }
        $shop = Shop::query()->create(['slug' => $slug, 'name' => $name, 'host' => $host, 'currency' => $currency->code]);
        $this->info("{$name} is at {$shop->base()}. Next: shop:payee {$slug} ACCOUNT, and person:create MAIL --shop={$slug}.");

        return self::SUCCESS;
    }

    private function refuse(string $sentence): int
    {
        $this->error($sentence);

        return self::FAILURE;
    }
}
