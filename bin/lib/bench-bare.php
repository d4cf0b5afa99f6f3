<?php

declare(strict_types=1);

// Prints a bare PHP script that writes with PDO what a click on a placement link writes that adds one thing to a new cart.
// bin/bench measures it beside such a link.
//
//   php bin/lib/bench-bare.php <code of the placement>
$db = new PDO('mysql:host='.getenv('DB_HOST').';port='.getenv('DB_PORT').';dbname='.getenv('DB_DATABASE').';charset=utf8mb4', (string) getenv('DB_USERNAME'), (string) getenv('DB_PASSWORD'), [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
$find = $db->prepare('SELECT placements.shop_id, placements.id AS placement_id, placements.offer_id, offer_lines.product_id FROM placements JOIN offer_lines ON offer_lines.offer_id = placements.offer_id WHERE code = ?');
$find->execute([$argv[1] ?? '']);
['shop_id' => $shop, 'placement_id' => $placement, 'offer_id' => $offer, 'product_id' => $product] = $find->fetch(PDO::FETCH_ASSOC) ?: exit("There is no such placement.\n");
?>
<?= '<?php' ?>

$db = new PDO('mysql:host=<?= getenv('DB_HOST') ?>;port=<?= getenv('DB_PORT') ?>;dbname=<?= getenv('DB_DATABASE') ?>;charset=utf8mb4', '<?= getenv('DB_USERNAME') ?>', '<?= getenv('DB_PASSWORD') ?>', [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_EMULATE_PREPARES => false, PDO::ATTR_PERSISTENT => true]);
$run = static fn (string $sql, array $with) => $db->prepare($sql)->execute($with);
$visitor = hash('sha256', $token = bin2hex(random_bytes(16)));
$now = gmdate('Y-m-d H:i:s');
[$day, $hour] = [substr($now, 0, 10), (int) gmdate('G')];
$db->beginTransaction();
$run('INSERT INTO carts (shop_id, ref, visitor, shared_by, last_placement_id, last_added_at, created_at) VALUES (?, ?, ?, ?, ?, ?, ?)', [<?= $shop ?>, substr(strtr(base64_encode(random_bytes(9)), '+/', '-_'), 0, 12), $visitor, $visitor, <?= $placement ?>, $now, $now]);
$run('INSERT INTO cart_lines (cart_id, product_id, quantity, terms, placement_id) VALUES (?, ?, 1, ?, ?)', [$db->lastInsertId(), <?= $product ?>, 'once', <?= $placement ?>]);
$run('INSERT INTO events (shop_id, kind, day, hour, offer_id, placement_id, marketplace_id, label_id, country, device, currency, is_act, product_id, pieces, value_minor, profit_minor) VALUES (?, 2, ?, ?, ?, ?, 0, 0, ?, 1, ?, 1, 0, 0, 0, 0), (?, 3, ?, ?, ?, ?, 0, 0, ?, 1, ?, 1, ?, 1, 0, 0)', [<?= $shop ?>, $day, $hour, <?= $offer ?>, <?= $placement ?>, 'IE', 'EUR', <?= $shop ?>, $day, $hour, <?= $offer ?>, <?= $placement ?>, 'IE', 'EUR', <?= $product ?>]);
$db->commit();
setcookie('kite_visitor', $token, path: '/');
header('Location: /cart', true, 303);
