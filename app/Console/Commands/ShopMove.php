<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Shop;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

final class ShopMove extends Command
{
    use ReadsText;

    protected $signature = 'shop:move {slug} {host : The new host}';

    protected $description = 'Moves a shop to another host; the old one leads there for good';

    public function handle(): int
    {
        $slug = $this->text('slug');
        $host = strtolower($this->text('host'));
        $shop = Shop::query()->where('slug', $slug)->first();
        $problem = match (true) {
            $shop === null => "No shop has the slug “{$slug}”.",
            filter_var($host, FILTER_VALIDATE_DOMAIN, FILTER_FLAG_HOSTNAME) === false => "“{$host}” is not a host name; give one without scheme and port.",
            $shop->host === $host => "{$shop->name} is at {$host} already.",
            $host === config('kite.console_host'), Shop::query()->where('host', $host)->exists(),
            DB::table('former_hosts')->where('host', $host)->where('shop_id', '!=', $shop->id)->exists() => 'This host is taken; choose another.',
            default => null,
        };
        if ($shop === null || $problem !== null) {
            $this->error((string) $problem);

            return self::FAILURE;
        }
        DB::transaction(function () use ($shop, $host): void {
            DB::table('former_hosts')->where('host', $host)->delete();
            DB::table('former_hosts')->insert(['host' => $shop->host, 'shop_id' => $shop->id]);
            $shop->update(['host' => $host]);
        });
        $this->info("{$shop->name} is at {$shop->base()} now; its old address leads there.");

        return self::SUCCESS;
    }
}
