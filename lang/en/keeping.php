<?php

declare(strict_types=1);

// What is said of backups on the console.
return [
    'made' => 'The studio is in :folder, with :photos photos. Its key is not: keep :key apart, if at all.',
    'there_already' => 'There is something at :folder already. Choose another place.',
    'no_backup' => 'There is no backup at :folder.',
    'damaged' => 'The backup is damaged at :file. Nothing was touched.',
    'newer' => 'The backup was made by a newer Open Glaze, which knows :migration. Nothing was touched.',
    'sound' => 'The backup is whole.',
    'restored' => 'The studio is back.',
    'before' => 'What was there before is kept as :file.',
];
