import { ElMessage } from 'element-plus'
import { api, type Asset } from './api'

/** Takes a picture into a project, and says so where its colours had to be converted. */
export async function takePicture(project: string, file: File): Promise<Asset> {
  const { convertedFrom, ...asset } = await api.addPicture(project, file)
  if (convertedFrom)
    ElMessage({
      message: `“${file.name}” was in ${convertedFrom}. It is kept in sRGB, as screens and exports show it.`,
      duration: 8000,
    })
  return asset
}
