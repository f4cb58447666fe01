// What was done and photographed on this device and is not sent yet, in its order. It outlives the page, the browser and a signed-out
// session.
import { openDB } from 'idb';

const ACTIONS = 'actions';

let opened = null;

function store() {
    opened ??= openDB('underpin-outbox', 1, {
        upgrade(db) { db.createObjectStore(ACTIONS, { keyPath: 'n', autoIncrement: true }); },
    });
    return opened;
}

/** @throws when the device has no room: nothing of it is kept then */
export async function keep(action) {
    const db = await store();
    return db.add(ACTIONS, action);
}

export async function all() {
    const db = await store();
    return db.getAll(ACTIONS);
}

export async function change(action) {
    const db = await store();
    await db.put(ACTIONS, action);
}

export async function drop(n) {
    const db = await store();
    await db.delete(ACTIONS, n);
}
