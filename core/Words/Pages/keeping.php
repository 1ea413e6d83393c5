<?php

declare(strict_types=1);

/** What the keeping pages say. */
return [
    'refused_another' => 'Another restore, start or backup is under way here. Wait until it has ended, and try again.',
    'refused_still_busy' => 'The running application did not finish its work in half a minute. Stop it, and try again. Nothing was changed.',
    'refused_no_file' => 'There is no file {what} that can be read. Nothing was changed.',
    'refused_foreign' => '{what} is no backup of Aequus. Nothing was changed.',
    'refused_damaged' => 'The file is damaged: {what}. Nothing was changed. Try an older backup.',
    'refused_newer' => 'The data was written by a newer version of Aequus. Update this one first. Nothing was changed.',
    'refused_changed' => 'The backup was changed after it was written: its sum is another. Nothing was changed. Try another backup.',
    'refused_nobody' => 'Nobody in that data could sign in. Nothing was changed.',
    'refused_unreadable' => 'This version can’t read {what} in that data. Nothing was changed.',
    'refused_is_there' => '{what} is there already. Choose another name.',
    'refused_no_data' => 'There is no data yet. Start Aequus once: ./aequus start',
    'refused_not_in_the_bin' => 'Job {what} is not in the bin. Only what lies there can be forgotten: put it there on the jobs page first.',
    'refused_sealed' => 'The backup is encrypted. Its passphrase is needed.',
    'refused_wrong_passphrase' => 'The passphrase is wrong, or the file was cut short or changed. Nothing was changed.',
    'restored' => 'The backup is in force. The data that was here is kept in {before}.',
    'backed_up' => 'Everything is in {file}. It was read again after writing.',
    'forgotten' => 'Job {job} is out of the data. Backups written before and older folders of data beside it still hold it: delete those that '
        .'nobody needs.',
    'demo_loaded' => 'The demo jobs are loaded.',
    'all' => '{at}  {size}  {file}',
    'none' => 'There is no backup yet.',
    'copy_left' => 'A copy last left this machine on {at}.',
    'no_copy_left' => 'No copy has left this machine yet: a disk that breaks takes everything with it.',
    'start_migrated' => 'The data was brought to this version. As it was it stays in {before}.',
    'start_stop_was_not_clean' => 'The last stop was not a clean one. Everything was checked and is whole.',
    'refused_present_is_damaged' => 'The data does not hold together: {what}. Aequus does not start on it, so that nothing is made worse. '
        .'Put a backup '
        .'back: ./aequus restore FILE. They lie in {folder}.',
    'passphrase' => 'Passphrase',
    'passphrase_again' => 'The same again',
    'refused_not_the_same' => 'The two are not the same.',
    'backups' => 'Backups',
    'take_a_copy_along' => 'Take a copy along',
    'everything_in_one_file' => 'Everything, all jobs with their logbooks and pictures, in one file. Keep it on another machine or a stick.',
    'whoever_has_it_reads_it' => 'Encrypts the file. Empty: whoever has the file can read it. Nobody can open it when the passphrase is lost.',
    'take_the_copy' => 'Take the copy',
    'made_by_themselves' => 'Made by themselves',
    'one_a_day' => 'One a day while Aequus runs, in {folder}; of seven days and four weeks one is kept.',
    'one' => '{at}, {kilobytes} kB',
    'how_to_put_one_back' => 'How one is put back stands in docs/keeping.md: ./aequus restore FILE.',
    'no_backup_made' => 'No backup could be made: {why}. Work goes on; look at the folder of the backups.',
    'refused_cannot_write' => '{what} can’t be written: {why}.',
];
