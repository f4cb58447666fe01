// A photo is made smaller before it is kept: a device in a cellar has little room, and a line that comes back is slow at first.

const LONGEST = 1600;
const QUALITY = 0.8;

/** The picture as a JPEG of at most 1,600 pixels; the file itself where it cannot be read here. */
export async function smaller(file) {
    try {
        const picture = await createImageBitmap(file);
        const scale = Math.min(1, LONGEST / Math.max(picture.width, picture.height));
        const canvas = document.createElement('canvas');
        canvas.width = Math.round(picture.width * scale);
        canvas.height = Math.round(picture.height * scale);
        canvas.getContext('2d').drawImage(picture, 0, 0, canvas.width, canvas.height);
        picture.close();
        const made = await new Promise((done) => { canvas.toBlob(done, 'image/jpeg', QUALITY); });
        return made && made.size < file.size ? made : file;
    } catch {
        return file;
    }
}
