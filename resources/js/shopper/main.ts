import { addInPlace } from './add'
import { followChoices } from './choices'
import { glance } from './glance'
import { sendOnce } from './once'
import { reckonLive } from './reckon'

/** What moves on the shopper's pages. Every page is complete without it. */
document.documentElement.classList.add('scripted')
reckonLive()
sendOnce()
followChoices()
addInPlace()
glance()
